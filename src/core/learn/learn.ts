import { asOne, type Learnt } from '../match';
import {
	modelOf,
	USUAL,
	type Belief,
	type BodyPrior,
	type Model,
	type NearLimit,
	type TaughtFrame
} from './model';

/** What is known of a body before its frames were judged. */
export interface Prior {
	stops: number;
	sd: number;
	/** The share of such bodies that are far off, and how far, stops; null: this one was measured. Usual: 0.05, 2. */
	wide?: { share: number; sd: number; stops?: number } | null;
}

/** A judged frame, as learning takes it. What is not named adds nothing. */
export interface JudgedFrame {
	/** Error that a body without any offset would have made, stops; + = too much light. */
	predicted: number;
	/** Error as the picture shows it, stops. */
	judged: number;
	/** Doubt of the two together that is new at this frame, stops: of the judge, the light and the process. */
	sd: number;
	/** What was set, where that may have an error of its own: "f/11", "dial 640". */
	setting?: string;
	/** Stops of the wheel; also called wheel. */
	compensation?: number;
	wheel?: number;
	/** Frames of one pack share its error; also called load. */
	pack?: string;
	load?: string;
	/** The film, as an emulsion, and its doubt beforehand, stops; usual: 0.3. */
	film?: string;
	speedSd?: number;
	/** How the light was read, and how far the error follows a wrong reading: 1 by hand, 0 by an eye. */
	way?: string;
	gamma?: number;
	judge?: string;
	/** ISO 8601 with offset: bodies wander. */
	takenAt?: string;
	/** The limit of an eye that is near: `predicted` is then what there would be without it. */
	limit?: NearLimit;
	/** A limit held the eye: the frame says nothing of the body. */
	clamped?: boolean;
}

/** What judged frames teach. */
export interface FramesTaught {
	/** The body's own offset, as one normal. */
	stops: number;
	sd: number;
	/** What single settings do beyond that, where frames tell them apart. */
	bySetting: { setting: string; stops: number; sd: number; frames: number }[];
	/** The same of every setting that was seen at all. */
	settings: { setting: string; stops: number; sd: number }[];
	/** What a stop of the wheel really does; null where it stood still. */
	wheel: { gain: number; sd: number } | null;
	/** Places of the frames that are more likely wild than not. */
	outliers: number[];
	/** Frames that it was learnt from. */
	frames: number;
	/** The body, where it may be far off with that as a second possibility. */
	body: Belief;
	films: { film: string; stops: number; sd: number }[];
	/** Stops by which each way of reading runs too bright. */
	ways: { way: string; stops: number; sd: number }[];
	/** What the next frame like the newest is promised with. */
	learnt: Learnt;
}

/** One body in twenty is off by stops; common practice. */
export const FAR_OFF = { share: 0.05, sd: 2 } as const;
/** Films of one make are known no better than this until they are measured, stops; common practice. */
export const FILM_SD = USUAL.film;
/** How far a way of reading is off of which nothing is said, and how far bodies wander in a year, stops. */
const WAY_SD = USUAL.way;
const DRIFT = 0.3;
/** A setting is told apart from this many frames on, if another one is, too. */
const FEWEST = 2;

const BODY = 'this';
const YEAR_MS = 365.25 * 86_400_000;

/** Years since any day. */
export const yearsOf = (at: string): number => Date.parse(at) / YEAR_MS;

const taughtBy = (frame: JudgedFrame, place: number): TaughtFrame => ({
	id: String(place).padStart(6, '0'),
	beyond: frame.judged - frame.predicted,
	camera: BODY,
	film: frame.film,
	load: frame.load ?? frame.pack,
	judge: frame.judge,
	way: frame.way,
	at: frame.takenAt === undefined ? 0 : yearsOf(frame.takenAt),
	mark: frame.setting,
	wheel: frame.wheel ?? frame.compensation ?? 0,
	gamma: frame.way === undefined ? 0 : (frame.gamma ?? 1),
	judgeSd: frame.sd,
	scatter: 0,
	freshSd: 0,
	limit: frame.limit,
	held: frame.clamped
});

const named = (values: readonly (string | undefined)[]): string[] =>
	[...new Set(values.flatMap((value) => value ?? []))].sort();

/** What belongs to single settings: of those with a few frames, where there is more than one. */
export function settingsApart(model: Model, frames: readonly TaughtFrame[], camera: string) {
	const counts = new Map<string, number>();
	for (const { id, mark } of frames)
		if (mark !== undefined && !model.wild.includes(id)) counts.set(mark, (counts.get(mark) ?? 0) + 1);
	const marks = [...counts].filter(([, count]) => count >= FEWEST).sort(([a], [b]) => (a < b ? -1 : 1));
	if (marks.length < 2) return [];
	return marks.map(([setting, count]) => ({ setting, ...asOne(model.mark(camera, setting)), frames: count }));
}

/** What a stop of the wheel does, where it was moved. */
export function wheelGain(
	model: Model,
	frames: readonly TaughtFrame[],
	camera: string
): FramesTaught['wheel'] {
	if (new Set(frames.map(({ wheel }) => wheel)).size < 2) return null;
	const { stops, sd } = asOne(model.wheel(camera));
	return { gain: 1 + stops, sd };
}

/** What the next frame is promised with: the wheel in its middle, and what a stop of it does. */
export function learntOf(model: Model, about: Parameters<Model['sum']>[0], hasWheel: boolean): Learnt {
	const sum = model.sum(about);
	const { camera, at } = about;
	return {
		stops: sum.stops,
		sd: sum.sd,
		...(sum.wide && { wide: sum.wide }),
		limit: asOne(model.atLimit(about)),
		...(hasWheel && { wheel: { ...asOne(model.wheel(camera)), covariance: model.sumWithWheel(about) } }),
		body: asOne(model.body({ camera, at }))
	};
}

/** A frame like the newest. */
const aboutNext = (newest: TaughtFrame | null, at: number): Parameters<Model['sum']>[0] => ({
	camera: BODY,
	at,
	film: newest?.film,
	load: newest?.load,
	judge: newest?.judge,
	...(newest && newest.gamma !== 0 ? { way: newest.way } : {})
});

/**
 * What a body really gives, and what film, pack, judge and way of reading add, from frames whose result was
 * judged; see `modelOf`. A wild frame is named, and says little.
 *
 * @param prior of the body, stops, sd > 0
 * @param frames sd > 0; their order does not matter
 * @returns stops, + = gives more than it should
 * @example learn({ stops: 0, sd: 0.3, wide: null }, [{ predicted: 0, judged: -0.6, sd: 0.3 }]).stops // about -0.3
 */
export function learn(prior: Prior, frames: readonly JudgedFrame[]): FramesTaught {
	const taught = frames.map(taughtBy);
	const [films, ways] = [named(taught.map(({ film }) => film)), named(taught.map(({ way }) => way))];
	const speedSd = (film: string) =>
		Math.max(FILM_SD, ...frames.flatMap((each) => (each.film === film ? (each.speedSd ?? []) : [])));
	const body: BodyPrior = { wide: FAR_OFF, drift: DRIFT, ...prior };
	const model = modelOf(
		taught,
		{
			bodies: new Map([[BODY, body]]),
			films: new Map(films.map((film) => [film, speedSd(film)])),
			ways: new Map(ways.map((way) => [way, WAY_SD]))
		},
		BODY
	);
	const newest = taught.reduce<TaughtFrame | null>(
		(last, each) => (last && last.at > each.at ? last : each),
		null
	);
	const at = newest?.at ?? 0;
	const ofBody = model.body({ camera: BODY, at });
	const telling = taught.filter(({ held }) => !held);
	const wheel = wheelGain(model, telling, BODY);
	return {
		...asOne(ofBody),
		bySetting: settingsApart(model, telling, BODY),
		settings: named(telling.map(({ mark }) => mark)).map((setting) => ({
			setting,
			...asOne(model.mark(BODY, setting))
		})),
		wheel,
		outliers: taught.flatMap(({ id }, place) => (model.wild.includes(id) ? [place] : [])),
		frames: telling.filter(({ id }) => !model.wild.includes(id)).length,
		body: ofBody,
		films: films.map((film) => ({ film, ...asOne(model.film(film)) })),
		ways: ways.map((way) => ({ way, ...asOne(model.way(way)) })),
		learnt: learntOf(model, aboutNext(newest, at), wheel !== null)
	};
}
