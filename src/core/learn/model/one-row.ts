import { WILD } from './near-moments';

/** What a frame of one row says, as a normal look at it, and what came of it. */
export interface Single {
	precision: number;
	right: number;
	/** How likely the frame is wild. */
	wild: number;
	/** What it adds to the logarithm of the evidence. */
	log: number;
	/** Square of its noise as it is expected to be if it is tame, stops². */
	square: number;
}

const LOG_TAME = Math.log(1 - WILD.share);
const LOG_WILD = Math.log(WILD.share);
const WILD_VARIANCE = WILD.sd ** 2;

const logNormal = (away: number, variance: number) =>
	-(away * away) / (2 * variance) - Math.log(2 * Math.PI * variance) / 2;

/**
 * A frame that no limit touched, y = x + noise, tame or wild: the normal look at x that leaves the same mean and
 * variance, by what all the others say of x. Written out in numbers, because it is done for every frame at every
 * sweep. Source: Minka 2001, the clutter problem.
 *
 * @param mean of x by all frames, with this one as it was taken so far
 * @param was what this frame was taken for
 * @returns null where the others say nothing sound
 */
export function lookedAtOne(
	mean: number,
	variance: number,
	was: Pick<Single, 'precision' | 'right'>,
	y: number,
	noise: number
): Single | null {
	const precisionBefore = 1 / variance - was.precision;
	// A frame of which nothing is asked is a row of nothing.
	if (!(precisionBefore > 0 && precisionBefore < Infinity)) return null;
	const before = 1 / precisionBefore;
	const meanBefore = before * (mean / variance - was.right);
	const away = y - meanBefore;
	const [tame, wild] = [before + noise, before + noise + WILD_VARIANCE];
	const [logTame, logWild] = [LOG_TAME + logNormal(away, tame), LOG_WILD + logNormal(away, wild)];
	const most = Math.max(logTame, logWild);
	const [weightTame, weightWild] = [Math.exp(logTame - most), Math.exp(logWild - most)];
	const share = weightWild / (weightTame + weightWild);
	const pull = (1 - share) / tame + share / wild;
	const after =
		before * (1 - before * pull) + share * (1 - share) * (before * away * (1 / tame - 1 / wild)) ** 2;
	const meanAfter = meanBefore + before * away * pull;
	return {
		precision: 1 / after - precisionBefore,
		right: meanAfter / after - meanBefore * precisionBefore,
		wild: share,
		square: ((away * noise) / tame) ** 2 + (before * noise) / tame,
		log:
			most +
			Math.log(weightTame + weightWild) -
			Math.log(variance * precisionBefore) / 2 -
			(mean ** 2 / variance - meanBefore ** 2 * precisionBefore) / 2
	};
}
