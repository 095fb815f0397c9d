import { asOne } from '../../match';
import { lookOf, type Look } from './looks';
import { bodyName, type World } from './parts';
import { solve, type Solved } from './solve';
import type { BodyPrior, TaughtFrame } from './taught';
import { addRow, noUnknowns, type Unknowns } from './unknowns';

/** What is known of a quantity: normal; where a body may be far off, with a second, wider possibility. */
export interface Belief {
	stops: number;
	sd: number;
	wide?: { share: number; stops: number; sd: number };
}

/** What the frames say if the asked body is as usual, or far off. */
export interface Possibility {
	share: number;
	/** What the asked body is about, stops. */
	stops: number;
	solved: Solved;
}

/** A second possibility below this share is none. */
const NO_SHARE = 1e-3;
/** Two possibilities that differ by less than these, of the doubt, are one. */
const ALIKE = 0.05;

/** What is known of one quantity in all possibilities, without those that are none or no others. */
export function beliefOf(parts: readonly { share: number; stops: number; variance: number }[]): Belief {
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

/** A body as one that is far off. */
const asFarOff = (unknowns: Unknowns, sds: readonly number[], camera: string, { wide }: BodyPrior) =>
	sds.map((sd, at) => (at === unknowns.places.get(bodyName(camera)) ? wide!.sd : sd));

/** How likely it is that a body is far off, by what the frames say of either. */
function shareOfWide({ wide }: BodyPrior, far: Solved, near: Solved): number {
	const odds = Math.log(wide!.share / (1 - wide!.share)) + far.logEvidence - near.logEvidence;
	return 1 / (1 + Math.exp(-odds));
}

/** Other bodies that the frames show to be far off are taken for that, one by one. */
function withOthers(unknowns: Unknowns, looks: readonly Look[], { priors }: World, asked: string) {
	let sds: readonly number[] = unknowns.sds;
	let near = solve(unknowns, sds, looks);
	for (const [camera, prior] of [...priors.bodies].sort(([a], [b]) => (a < b ? -1 : 1))) {
		if (camera === asked || !prior.wide || !unknowns.places.has(bodyName(camera))) continue;
		const farSds = asFarOff(unknowns, sds, camera, prior);
		const far = solve(unknowns, farSds, looks, near.sites);
		if (shareOfWide(prior, far, near) > 1 / 2) [sds, near] = [farSds, far];
	}
	return { sds, near };
}

/**
 * The two possibilities of the body that is asked about: as usual, or far off.
 *
 * @returns with the unknowns that the frames touch
 */
export function possibilitiesOf(
	frames: readonly TaughtFrame[],
	world: World,
	camera: string
): { unknowns: Unknowns; all: Possibility[] } {
	const unknowns = noUnknowns();
	const prior = world.priors.bodies.get(camera)!;
	addRow(unknowns, [{ name: bodyName(camera), by: 1, sd: prior.sd }]);
	const looksIf = (body: BodyPrior) => {
		const bodies = new Map([...world.priors.bodies, [camera, body]]);
		return frames.map((frame) => lookOf(unknowns, { ...world, priors: { ...world.priors, bodies } }, frame));
	};
	const looks = looksIf(prior);
	const { sds, near } = withOthers(unknowns, looks, world, camera);
	const usual = { share: 1, stops: prior.stops, solved: near };
	if (!prior.wide) return { unknowns, all: [usual] };
	const { stops = prior.stops } = prior.wide;
	const moved = stops !== prior.stops;
	const far = solve(
		unknowns,
		asFarOff(unknowns, sds, camera, prior),
		moved ? looksIf({ ...prior, stops }) : looks,
		moved ? undefined : near.sites
	);
	const share = shareOfWide(prior, far, near);
	return {
		unknowns,
		all: [
			{ ...usual, share: 1 - share },
			{ share, stops, solved: far }
		]
	};
}
