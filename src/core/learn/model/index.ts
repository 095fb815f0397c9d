import { lookOf, type Look } from './looks';
import { solve, type Solved } from './solve';
import { USUAL, type BodyPrior, type Priors, type TaughtFrame } from './taught';
import {
	besideParts,
	bodyParts,
	nameOf,
	rowOf,
	unknownsOf,
	wanderedSince,
	wayParts,
	type Parts,
	type Unknowns
} from './unknowns';

export type { BodyPrior, NearLimit, Priors, TaughtFrame } from './taught';

/** What is known of a quantity: normal; where a body may be far off, with a second, wider possibility. */
export interface Belief {
	stops: number;
	sd: number;
	wide?: { share: number; stops: number; sd: number };
}

/** What is asked about: any camera, film, load, way and judge, seen or not. */
export interface About {
	camera: string;
	film?: string;
	/** null: a pack of which nothing was seen. */
	load?: string | null;
	judge?: string;
	/** Left out where an eye follows the light. */
	way?: string;
	at: number;
	mark?: string;
	wheel?: number;
}

/** What all judged frames say together. */
export interface Model {
	/** What the next frame gets beyond its prediction: body, film, pack, judge, and by hand the way of reading. */
	sum: (about: About) => Belief;
	/** The same at a limit that holds the eye: all but the body. */
	atLimit: (about: About) => Belief;
	/** The camera's own, without film, pack and judge. */
	body: (about: Pick<About, 'camera' | 'at' | 'mark' | 'wheel'>) => Belief;
	film: (film: string) => Belief;
	way: (way: string) => Belief;
	mark: (camera: string, mark: string) => Belief;
	wheel: (camera: string) => Belief;
	/** By how much a body changed between two times, years. */
	drift: (camera: string, from: number, to: number) => Belief;
	/** How body and film go together, −1 … 1: near −1 their sum is known, and not whose it is. */
	together: (camera: string, film: string) => number;
	/** Ids of frames that are more likely wild than not. */
	wild: string[];
	/** Times that the variance of a camera's frames is larger than it was taken to be. */
	noise: (camera: string) => number;
}

interface Possibility {
	share: number;
	solved: Solved;
}

/** A second possibility below this share is none. */
const NO_SHARE = 1e-3;
/** Two possibilities that differ by less than these, of the doubt, are one. */
const ALIKE = 0.05;

function beliefOf(parts: readonly { share: number; stops: number; variance: number }[]): Belief {
	const [narrow, wide] = parts.map(({ stops, variance, share }) => ({
		share,
		stops,
		sd: Math.sqrt(variance)
	}));
	if (!wide || wide.share < NO_SHARE) return { stops: narrow.stops, sd: narrow.sd };
	const alike =
		Math.abs(narrow.stops - wide.stops) < ALIKE * narrow.sd &&
		Math.abs(narrow.sd - wide.sd) < ALIKE * narrow.sd;
	if (!alike && wide.share <= 1 - NO_SHARE) return { stops: narrow.stops, sd: narrow.sd, wide };
	if (wide.share > 1 - NO_SHARE) return { stops: wide.stops, sd: wide.sd };
	return asOne({ stops: narrow.stops, sd: narrow.sd, wide });
}

/**
 * A belief as one normal: its mean and spread, to be shown. Chances are never taken from it.
 *
 * @example asOne({ stops: 0, sd: 0.3, wide: { share: 0.05, stops: 0, sd: 2 } }).sd // 0.54
 */
export function asOne({ stops, sd, wide }: Belief): { stops: number; sd: number } {
	if (!wide) return { stops, sd };
	const { share } = wide;
	const mean = (1 - share) * stops + share * wide.stops;
	const variance =
		(1 - share) * (sd ** 2 + (stops - mean) ** 2) + share * (wide.sd ** 2 + (wide.stops - mean) ** 2);
	return { stops: mean, sd: Math.sqrt(variance) };
}

/** A body as one that is far off. */
const asFarOff = (unknowns: Unknowns, sds: readonly number[], camera: string, { wide }: BodyPrior) =>
	sds.map((sd, at) => (at === unknowns.places.get(nameOf.body(camera)) ? wide!.sd : sd));

/** How likely it is that a body is far off, by what the frames say of either. */
function shareOfWide({ wide }: BodyPrior, far: Solved, near: Solved): number {
	const odds = Math.log(wide!.share / (1 - wide!.share)) + far.logEvidence - near.logEvidence;
	return 1 / (1 + Math.exp(-odds));
}

/** Other bodies that the frames show to be far off are taken for that, one by one. */
function withOthers(unknowns: Unknowns, looks: readonly Look[], priors: Priors, asked: string) {
	let sds: readonly number[] = unknowns.sds;
	let near = solve(unknowns, sds, looks);
	for (const [camera, prior] of [...priors.bodies].sort(([a], [b]) => (a < b ? -1 : 1))) {
		if (camera === asked || !prior.wide || !unknowns.places.has(nameOf.body(camera))) continue;
		const farSds = asFarOff(unknowns, sds, camera, prior);
		const far = solve(unknowns, farSds, looks, near.sites);
		if (shareOfWide(prior, far, near) > 1 / 2) [sds, near] = [farSds, far];
	}
	return { sds, near };
}

/** The two possibilities of the body that is asked about: as usual, or far off. */
function possibilitiesOf(
	unknowns: Unknowns,
	looks: readonly Look[],
	priors: Priors,
	camera: string
): Possibility[] {
	const { sds, near } = withOthers(unknowns, looks, priors, camera);
	const prior = priors.bodies.get(camera)!;
	if (!prior.wide) return [{ share: 1, solved: near }];
	const far = solve(unknowns, asFarOff(unknowns, sds, camera, prior), looks, near.sites);
	const share = shareOfWide(prior, far, near);
	return [
		{ share: 1 - share, solved: near },
		{ share, solved: far }
	];
}

/**
 * What judged frames say of everything that hides in them: each body with its marks and its wheel, each film and
 * each pack of it, the judge, the ways of reading, what bodies lose over the years, frames at a limit as what
 * they are, and wild frames among them. A robust linear mixed model.
 * Source: Bayesian linear mixed models, as in any textbook; priors are common practice.
 *
 * @param frames of one camera, of its films and of other cameras that used them; their order does not matter
 * @param camera that is asked about
 * @example modelOf(40 frames, priors, 'wedge').sum({ camera: 'wedge', film: 'wrack', judge: 'me', at: 3 }).sd // 0.11
 */
export function modelOf(frames: readonly TaughtFrame[], priors: Priors, camera: string): Model {
	const sorted = frames.toSorted((a, b) => (a.id < b.id ? -1 : a.id > b.id ? 1 : 0));
	const unknowns = unknownsOf(sorted, priors, camera);
	const looks = sorted.map((frame) => lookOf(unknowns, priors, frame));
	const possibilities = possibilitiesOf(unknowns, looks, priors, camera);

	/** What is known of a sum of parts: what was never seen adds what is known of it beforehand. */
	function belief(
		parts: Parts,
		more: { load?: string | null; stops?: number; variance?: number } = {}
	): Belief {
		const row = rowOf(unknowns, parts, more.load ?? undefined);
		const added = (more.variance ?? 0) + (more.load !== undefined && row.load === null ? USUAL.load ** 2 : 0);
		return beliefOf(
			possibilities.map(({ share, solved: { known } }) => ({
				share,
				stops: (more.stops ?? 0) + known.mean(row),
				variance: known.covariance(row, row) + added
			}))
		);
	}
	const unseen = (name: string, sd: number) => (unknowns.places.has(name) ? 0 : sd ** 2);
	const bodyOf = (of: string) => priors.bodies.get(of)!;
	const ofBody = ({ camera: of, at, mark, wheel = 0 }: Pick<About, 'camera' | 'at' | 'mark' | 'wheel'>) => {
		const known = bodyOf(of);
		return {
			parts: bodyParts(unknowns, { camera: of, at, mark, wheel }),
			stops: known.stops,
			variance:
				unseen(nameOf.body(of), known.sd) +
				wanderedSince(unknowns, of, known, at) +
				(mark === undefined ? 0 : unseen(nameOf.mark(of, mark), USUAL.mark)) +
				wheel ** 2 * unseen(nameOf.wheel(of), USUAL.wheel)
		};
	};
	const ofRest = ({ film, judge, way }: About) => ({
		parts: [...besideParts({ film, judge }), ...wayParts({ way }, 1)],
		variance:
			(film === undefined ? 0 : unseen(nameOf.film(film), priors.films.get(film)!)) +
			(judge === undefined ? 0 : unseen(nameOf.judge(judge), USUAL.judge)) +
			(way === undefined ? 0 : unseen(nameOf.way(way), priors.ways.get(way)!))
	});
	const single = (name: string, sd: number) => belief([[name, 1]], { variance: unseen(name, sd) });
	return {
		sum(about) {
			const [body, rest] = [ofBody(about), ofRest(about)];
			const parts = [...body.parts, ...rest.parts];
			return belief(parts, {
				load: about.load,
				stops: body.stops,
				variance: body.variance + rest.variance
			});
		},
		atLimit(about) {
			const { parts, variance } = ofRest(about);
			return belief(parts, { load: about.load, variance });
		},
		body(about) {
			const { parts, ...more } = ofBody(about);
			return belief(parts, more);
		},
		film: (film) => single(nameOf.film(film), priors.films.get(film)!),
		way: (way) => single(nameOf.way(way), priors.ways.get(way)!),
		mark: (of, mark) => single(nameOf.mark(of, mark), USUAL.mark),
		wheel: (of) => single(nameOf.wheel(of), USUAL.wheel),
		drift(of, from, to) {
			const [later, earlier] = [to, from].map((at) => bodyParts(unknowns, { camera: of, at, wheel: 0 }));
			return belief(
				later.map(([name, by], at) => [name, by - earlier[at][1]] as const),
				{ variance: wanderedSince(unknowns, of, bodyOf(of), to) }
			);
		},
		together(of, film) {
			const [body, emulsion] = [nameOf.body(of), nameOf.film(film)].map((name) =>
				rowOf(unknowns, [[name, 1]])
			);
			const { known } = possibilities.reduce((a, b) => (b.share > a.share ? b : a)).solved;
			return (
				known.covariance(body, emulsion) /
				Math.sqrt(known.covariance(body, body) * known.covariance(emulsion, emulsion))
			);
		},
		wild: sorted.flatMap(({ id }, at) =>
			possibilities.reduce((sum, { share, solved: { sites } }) => sum + share * sites[at].wild, 0) > 1 / 2
				? [id]
				: []
		),
		noise: (of) =>
			possibilities.reduce((sum, { share, solved: { noise } }) => sum + share * (noise.get(of) ?? 1), 0)
	};
}
