import { saidByOthers, type Normal, type Seen } from './bayes';

/** One frame in twenty is fogged, of another film or misjudged, and then off by stops; common practice. */
const WILD = { share: 0.05, sd: 2 };

/** Of few frames half can be wild; of many, more than a quarter are no outliers but another truth. */
const FEW = 8;
const mostOf = (count: number) => Math.floor(count < FEW ? count / 2 : count / 4);

const logDensity = (value: number, { mean, sd }: Normal) => -(((value - mean) / sd) ** 2) / 2 - Math.log(sd);

/**
 * How much likelier a frame is wild than one of the others, as the logarithm of the odds, by what the
 * others say of it. Source: a two-part normal mixture, as in robust Bayesian estimation.
 */
function wildness(here: Seen, others: Normal): number {
	const spread = Math.hypot(here.sd, others.sd);
	const tame = Math.log(1 - WILD.share) + logDensity(here.y, { mean: others.mean, sd: spread });
	const wild =
		Math.log(WILD.share) + logDensity(here.y, { mean: others.mean, sd: Math.hypot(spread, WILD.sd) });
	return wild - tame;
}

/**
 * The frames that do not belong with the others, wildest first, each told by those that are left.
 *
 * @returns places in `seen`
 */
export function outliersOf(seen: readonly Seen[], priors: readonly Normal[]): number[] {
	let left = seen.map((each, at) => ({ each, at }));
	const wild: number[] = [];
	while (wild.length < mostOf(seen.length)) {
		const others = saidByOthers(
			left.map(({ each }) => each),
			priors
		);
		const odds = left.map(({ each }, at) => wildness(each, others[at]));
		const wildest = odds.reduce((best, each, at) => (each > odds[best] ? at : best), 0);
		if (!(odds[wildest] > 0)) break;
		wild.push(left[wildest].at);
		left = left.filter((_, at) => at !== wildest);
	}
	return wild;
}
