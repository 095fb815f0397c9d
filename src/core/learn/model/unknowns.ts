import { USUAL, type BodyPrior, type Priors, type TaughtFrame } from './taught';

/** A row of the design matrix: places that are not 0, and the load, which each frame touches once. */
export interface Row {
	at: number[];
	by: number[];
	/** Place among the loads; null: none that is known. */
	load: number | null;
}

/** Everything that is asked for, with what is known of it beforehand. The middles of all are 0. */
export interface Unknowns {
	/** Doubt beforehand, stops, by place. */
	sds: number[];
	/** Places of names that were seen. */
	places: ReadonlyMap<string, number>;
	loads: ReadonlyMap<string, number>;
	/** Times from which a body's drift is taken, years, and the years from one to the next. */
	drifts: ReadonlyMap<string, Drift>;
}

interface Drift {
	from: number;
	step: number;
	knots: number;
}

export const nameOf = {
	body: (camera: string) => `body ${camera}`,
	drift: (camera: string, knot: number) => `drift ${knot} ${camera}`,
	mark: (camera: string, mark: string) => `mark ${camera} ${mark}`,
	wheel: (camera: string) => `wheel ${camera}`,
	limit: (camera: string, end: string) => `limit ${end} ${camera}`,
	film: (film: string) => `film ${film}`,
	judge: (judge: string) => `judge ${judge}`,
	way: (way: string) => `way ${way}`
} as const;

/** A body is looked at anew each quarter of a year; of a long life in fewer, longer steps. */
const QUARTER = 1 / 4;
const MOST_KNOTS = 24;

function driftOf(times: readonly number[]): Drift {
	const [from, to] = [Math.min(...times), Math.max(...times)];
	const step = Math.max(QUARTER, (to - from) / MOST_KNOTS);
	return { from, step, knots: Math.floor((to - from) / step + 1e-9) };
}

/**
 * The names that the frames touch, with what is known of each beforehand.
 *
 * @param asked a camera that is asked about, whether or not a frame is of it
 */
export function unknownsOf(frames: readonly TaughtFrame[], priors: Priors, asked: string): Unknowns {
	const [sds, places, loads] = [[] as number[], new Map<string, number>(), new Map<string, number>()];
	const add = (name: string, sd: number) => {
		if (places.has(name)) return;
		places.set(name, sds.length);
		sds.push(sd);
	};
	add(nameOf.body(asked), priors.bodies.get(asked)!.sd);
	const times = new Map<string, number[]>();
	for (const { camera, at } of frames) times.set(camera, [...(times.get(camera) ?? []), at]);
	const drifts = new Map([...times].map(([camera, all]) => [camera, driftOf(all)]));
	for (const frame of frames) {
		const { camera, film, judge, way, mark, load, limit } = frame;
		const body = priors.bodies.get(camera)!;
		const { knots, step } = drifts.get(camera)!;
		add(nameOf.body(camera), body.sd);
		for (let knot = 0; knot < knots; knot++) {
			add(nameOf.drift(camera, knot), body.drift * Math.sqrt(step));
		}
		if (mark !== undefined) add(nameOf.mark(camera, mark), USUAL.mark);
		if (frame.wheel !== 0) add(nameOf.wheel(camera), USUAL.wheel);
		if (limit) add(nameOf.limit(camera, limit.end), USUAL.limit);
		if (film !== undefined) add(nameOf.film(film), priors.films.get(film)!);
		if (judge !== undefined) add(nameOf.judge(judge), USUAL.judge);
		if (way !== undefined && (frame.gamma !== 0 || limit || frame.held))
			add(nameOf.way(way), priors.ways.get(way)!);
		if (load !== undefined && !loads.has(load)) loads.set(load, loads.size);
	}
	return { sds, places, loads, drifts };
}

/** Parts of a row, by name; one that was never seen is left out and adds its own doubt. */
export type Parts = readonly (readonly [name: string, by: number])[];

export function rowOf({ places, loads }: Unknowns, parts: Parts, load?: string): Row {
	const known = parts.filter(([name, by]) => by !== 0 && places.has(name));
	return {
		at: known.map(([name]) => places.get(name)!),
		by: known.map(([, by]) => by),
		load: load === undefined ? null : (loads.get(load) ?? null)
	};
}

/** What a body gives at a time, at a mark, with its wheel. */
export function bodyParts(
	{ drifts }: Unknowns,
	{ camera, at, mark, wheel }: Pick<TaughtFrame, 'camera' | 'at' | 'mark' | 'wheel'>
): Parts {
	const drift = drifts.get(camera);
	const walked = drift
		? Array.from({ length: drift.knots }, (_, knot) => {
				const part = (at - drift.from) / drift.step - knot;
				return [nameOf.drift(camera, knot), Math.max(0, Math.min(1, part))] as const;
			})
		: [];
	return [
		[nameOf.body(camera), 1],
		...walked,
		...(mark === undefined ? [] : [[nameOf.mark(camera, mark), 1] as const]),
		[nameOf.wheel(camera), wheel]
	];
}

/** Variance that a body has wandered since it was last looked at, stops². */
export function wanderedSince({ drifts }: Unknowns, camera: string, prior: BodyPrior, at: number): number {
	const drift = drifts.get(camera);
	if (!drift) return 0;
	return prior.drift ** 2 * Math.max(0, at - drift.from - drift.knots * drift.step);
}

/** What film and judge add; the pack is in the row. */
export const besideParts = ({ film, judge }: Pick<TaughtFrame, 'film' | 'judge'>): Parts => [
	...(film === undefined ? [] : [[nameOf.film(film), 1] as const]),
	...(judge === undefined ? [] : [[nameOf.judge(judge), 1] as const])
];

/** What a way of reading adds: one that runs too bright promises more light than there is. */
export const wayParts = ({ way }: Pick<TaughtFrame, 'way'>, gamma: number): Parts =>
	way === undefined ? [] : [[nameOf.way(way), -gamma]];
