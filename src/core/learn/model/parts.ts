import { USUAL, type Priors, type TaughtFrame } from './taught';

/** A part of what a frame shows: which unknown, how much of it, and what is known of it beforehand, stops. */
export interface Part {
	name: string;
	by: number;
	sd: number;
}

/** From when on a body's drift is taken, years, the years from one look at it to the next, and how many there are. */
export interface Drift {
	from: number;
	step: number;
	knots: number;
}

/** All that parts are made of. */
export interface World {
	priors: Priors;
	drifts: ReadonlyMap<string, Drift>;
}

/** A body is looked at anew each quarter of a year; of a long life in fewer, longer steps. */
const QUARTER = 1 / 4;
const MOST_KNOTS = 24;

/** Knots fall on whole steps although times are sums of fractions, steps. */
const WHOLE = 1e-9;

function driftOf(times: readonly number[]): Drift {
	const [from, to] = [Math.min(...times), Math.max(...times)];
	const step = Math.max(QUARTER, (to - from) / MOST_KNOTS);
	return { from, step, knots: Math.floor((to - from) / step + WHOLE) };
}

export function worldOf(frames: readonly TaughtFrame[], priors: Priors): World {
	const times = new Map<string, number[]>();
	for (const { camera, at } of frames) {
		const all = times.get(camera);
		if (all) all.push(at);
		else times.set(camera, [at]);
	}
	return { priors, drifts: new Map([...times].map(([camera, all]) => [camera, driftOf(all)])) };
}

export const bodyName = (camera: string) => `body ${camera}`;
export const filmName = (film: string) => `film ${film}`;

export const filmPart = ({ priors }: World, film: string): Part => ({
	name: filmName(film),
	by: 1,
	sd: priors.films.get(film) ?? USUAL.film
});

export const wayPart = ({ priors }: World, way: string, by: number): Part => ({
	name: `way ${way}`,
	by,
	sd: priors.ways.get(way) ?? USUAL.way
});

export const markPart = (camera: string, mark: string): Part => ({
	name: `mark ${camera} ${mark}`,
	by: 1,
	sd: USUAL.mark
});

export const wheelPart = ({ priors }: World, camera: string, by: number): Part => ({
	name: `wheel ${camera}`,
	by,
	sd: priors.bodies.get(camera)!.wheel?.sd ?? USUAL.wheel
});

/** What a wheel at a place adds by what is known of it beforehand, stops. */
export const wheelMiddle = ({ priors }: World, camera: string, place: number): number =>
	place * (priors.bodies.get(camera)!.wheel?.stops ?? 0);

/** A body's own walk from its first frame to a time. */
export function driftParts({ priors, drifts }: World, camera: string, at: number): Part[] {
	const drift = drifts.get(camera);
	if (!drift) return [];
	const sd = priors.bodies.get(camera)!.drift * Math.sqrt(drift.step);
	return Array.from({ length: drift.knots }, (_, knot) => ({
		name: `drift ${knot} ${camera}`,
		by: Math.max(0, Math.min(1, (at - drift.from) / drift.step - knot)),
		sd
	}));
}

/** Variance that a body has wandered since it was last looked at, stops². */
export function wanderedSince({ priors, drifts }: World, camera: string, at: number): number {
	const drift = drifts.get(camera);
	if (!drift) return 0;
	return priors.bodies.get(camera)!.drift ** 2 * Math.max(0, at - drift.from - drift.knots * drift.step);
}

/** What a body gives at a time, at a mark, with its wheel. */
export function bodyParts(
	world: World,
	{ camera, at, mark, wheel = 0 }: Pick<TaughtFrame, 'camera' | 'at' | 'mark'> & { wheel?: number }
): Part[] {
	return [
		{ name: bodyName(camera), by: 1, sd: world.priors.bodies.get(camera)!.sd },
		...driftParts(world, camera, at),
		...(mark === undefined ? [] : [markPart(camera, mark)]),
		...(wheel === 0 ? [] : [wheelPart(world, camera, wheel)])
	];
}

/** What film and judge add; the pack is in the row. */
export const besideParts = (world: World, { film, judge }: Pick<TaughtFrame, 'film' | 'judge'>): Part[] => [
	...(film === undefined ? [] : [filmPart(world, film)]),
	...(judge === undefined ? [] : [{ name: `judge ${judge}`, by: 1, sd: USUAL.judge }])
];

/** What a way of reading adds: one that runs too bright promises more light than there is. */
export const wayParts = (world: World, { way }: Pick<TaughtFrame, 'way'>, gamma: number): Part[] =>
	way === undefined || gamma === 0 ? [] : [wayPart(world, way, -gamma)];

export const limitPart = (camera: string, end: string): Part => ({
	name: `limit ${end} ${camera}`,
	by: 1,
	sd: USUAL.limit
});
