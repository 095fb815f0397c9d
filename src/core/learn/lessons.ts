import { automaticExposure, type Camera } from '../camera';
import type { Film } from '../film';
import { asOne } from '../match';
import {
	bodyPriorOf,
	filmPriorOf,
	hasWheel,
	JUDGE,
	taughtFrameOf,
	type FrameOf,
	type LearntSoFar,
	type SaidBefore,
	type ShotFrame
} from './from-frames';
import { learntOf, settingsApart, wheelGain, yearsOf, type FramesTaught } from './learn';
import { modelOf, ranInto, type Belief, type Model, type TaughtFrame } from './model';
import { asRead, usualHabit } from '../light';

/** A judged frame with what it was shot with. */
export interface Told extends FrameOf {
	shot: ShotFrame;
	/** The film as its own load was developed: two loads of one film may differ in that. */
	developed: Film;
	/** No frame, but what the person knows of many. */
	known?: boolean;
}

/** Cameras and films by their ids. */
export interface Things {
	cameras: Map<string, { camera: Camera; before?: SaidBefore }>;
	films: Map<string, Film>;
}

/** Whose error it is, where frames cannot tell the body from a film. */
export interface Undecided {
	film: string;
	/** What body and film give together, stops, with the wheel where it mostly stood. */
	stops: number;
	sd: number;
	wheel: number;
}

/** What judged frames teach of one camera. */
export interface CameraLesson extends Pick<
	FramesTaught,
	'stops' | 'sd' | 'bySetting' | 'wheel' | 'frames' | 'body'
> {
	/** Ids of frames that are more likely wild than not. */
	wild: string[];
	/** How many things that the person knows are in it. */
	known: number;
	/** The film with which it is known together only; null: it is told apart, or there is nothing to tell. */
	undecided: Undecided | null;
	/** What it has changed by over the last year, where that tells something. */
	drift: { stops: number; sd: number } | null;
	/** What it gives with each film that it was shot with. */
	withFilms: (Undecided & { frames: number; known: number })[];
	/** Newest frames: what came out beyond what a body without offset would give; whether a limit was near. */
	points: { id: string; stops: number; clamped: boolean }[];
}

/** What frames teach of each way of reading. */
export interface WayLesson {
	way: string;
	/** Stops by which these readings run too bright. */
	stops: number;
	sd: number;
	frames: number;
}

/** What tells something lies so many of its doubts from nothing; and below a sixth of a stop it is right. */
const TELLING = 1.5;
const RIGHT = 1 / 6;
/** Body and film that go together like this are known better by their sum than by themselves. */
const TOGETHER = -0.3;
/** A way of reading is told of from this many frames on. */
const FEWEST_READ = 3;
const POINTS = 60;
const YEAR = 1;

const tells = ({ stops, sd }: { stops: number; sd: number }) =>
	Math.abs(stops) > TELLING * sd && Math.abs(stops) > RIGHT;

/** The model of a camera's part of all frames, with its frames. */
export interface Taught {
	model: Model;
	frames: TaughtFrame[];
	/** How far each way of reading usually is off, stops. */
	ways: ReadonlyMap<string, number>;
	/** Ids of what the person knows: they teach, and are no frames. */
	known: ReadonlySet<string>;
}

/**
 * What frames say together, of one camera that is asked about, its films, and other cameras that used them.
 *
 * @param told judged frames of all of them
 */
export function taughtBy(told: readonly Told[], things: Things, camera: string): Taught {
	const frames = told.flatMap((each) => {
		const { camera: body } = things.cameras.get(each.camera)!;
		// What was taken off a reading by what its way had taught does not count as its being right.
		const shot = { ...each.shot, light: asRead(each.shot.light) };
		const frame = taughtFrameOf(body, each.developed, shot, each);
		return frame ? [each.known ? asKnown(frame) : frame] : [];
	});
	const known = new Set(told.flatMap((each) => (each.known ? [each.id] : [])));
	const ways = new Map<string, number>();
	// A name may stand for more than one way of reading.
	for (const { way, shot } of told) ways.set(way, Math.max(ways.get(way) ?? 0, usualHabit(shot.light)));
	const bodies = new Map(
		[...things.cameras].map(([id, { camera: body, before }]) => [id, bodyPriorOf(body, before)])
	);
	const films = new Map([...things.films].map(([id, film]) => [id, filmPriorOf(film)]));
	return { model: modelOf(frames, { bodies, films, ways }, camera), frames, ways, known };
}

/** What holds of many frames has no chance of a single one in it, and no one light whose limit was near. */
function asKnown({ limit: _limit, ...frame }: TaughtFrame): TaughtFrame {
	return { ...frame, scatter: 0, freshSd: 0 };
}

/** The place of the wheel that a film was mostly shot at, stops. */
function mostly(own: readonly TaughtFrame[], film: string): number {
	const counts = new Map<number, number>();
	for (const frame of own)
		if (frame.film === film) counts.set(frame.wheel, (counts.get(frame.wheel) ?? 0) + 1);
	return [...counts].reduce((a, b) => (b[1] > a[1] || (b[1] === a[1] && b[0] < a[0]) ? b : a))[0];
}

/** The film with which a body gives what neither of them can be blamed for alone; the worst of them. */
function undecidedOf(
	{ model }: Taught,
	own: readonly TaughtFrame[],
	camera: string,
	at: number
): Undecided | null {
	if (tells(asOne(model.body({ camera, at })))) return null;
	const films = [...new Set(own.map(({ film }) => film!))].sort();
	const open = films
		.filter((film) => model.together(camera, film) < TOGETHER && !tells(asOne(model.film(film))))
		.map((film) => {
			const wheel = mostly(own, film);
			return { film, wheel, ...asOne(model.sum({ camera, film, at, wheel })) };
		})
		.filter(tells);
	return open.reduce<Undecided | null>((a, b) => (a && Math.abs(a.stops) >= Math.abs(b.stops) ? a : b), null);
}

/** What judged frames teach of a camera. */
export function cameraLesson(taught: Taught, camera: string): CameraLesson {
	const { model, frames, known } = taught;
	const own = frames.filter((frame) => frame.camera === camera);
	const at = Math.max(...own.map((frame) => frame.at));
	const body: Belief = model.body({ camera, at });
	const wild = new Set(model.wild);
	const counts = ({ id }: TaughtFrame) => !wild.has(id) && !known.has(id);
	const started = Math.min(...own.map((frame) => frame.at));
	const drift = at - started >= YEAR ? asOne(model.drift(camera, at - YEAR, at)) : null;
	const films = [...new Set(own.map(({ film }) => film!))].sort();
	return {
		...asOne(body),
		body,
		bySetting: settingsApart(model, own, camera),
		wheel: wheelGain(model, own, camera),
		frames: own.filter(counts).length,
		wild: own.flatMap(({ id }) => (wild.has(id) && !known.has(id) ? [id] : [])),
		known: own.filter(({ id }) => known.has(id)).length,
		undecided: undecidedOf(taught, own, camera, at),
		drift: drift && tells(drift) ? drift : null,
		withFilms: films.map((film) => {
			const wheel = mostly(own, film);
			return {
				film,
				wheel,
				...asOne(model.sum({ camera, film, load: null, judge: JUDGE, at, wheel })),
				frames: own.filter((frame) => frame.film === film && counts(frame)).length,
				known: own.filter((frame) => frame.film === film && known.has(frame.id)).length
			};
		}),
		points: own
			.filter(({ id }) => !known.has(id))
			.toSorted((a, b) => a.at - b.at)
			.slice(-POINTS)
			.map(({ id, beyond, limit }) => ({ id, stops: beyond, clamped: limit !== undefined && ranInto(limit) }))
	};
}

/** What frames teach of how a person reads the light. */
export function wayLessons({ model, frames, known }: Taught): WayLesson[] {
	const ways = new Map<string, number>();
	for (const { id, way, gamma } of frames)
		if (gamma !== 0 && !known.has(id)) ways.set(way!, (ways.get(way!) ?? 0) + 1);
	return [...ways]
		.filter(([, count]) => count >= FEWEST_READ)
		.sort(([a], [b]) => (a < b ? -1 : 1))
		.map(([way, count]) => ({ way, ...asOne(model.way(way)), frames: count }));
}

/** What is asked of a camera: with which film, in which pack, by which way of reading. */
export interface LearntQuestion {
	camera: string;
	film: string;
	/** null: a new pack. */
	load: string | null;
	/** Where the camera is set by hand; absent: whatever it is. */
	way?: string;
	/** ISO 8601 with offset: now. */
	at: string;
}

/** What the next frame of a camera with a film is promised with, and by how many frames of the camera. */
export function learntFor(
	{ model, frames, ways, known }: Taught,
	things: Things,
	{ camera, film, load, way, at }: LearntQuestion
): LearntSoFar {
	const none = new Set([...model.wild, ...known]);
	const count = frames.filter((frame) => frame.camera === camera && !none.has(frame.id)).length;
	// An eye follows the light; of a way that was never met nothing is known beside the reading's own doubt.
	const byHand = !automaticExposure(things.cameras.get(camera)!.camera);
	const reading = byHand && way !== undefined ? ways.get(way) : undefined;
	const about = {
		camera,
		film,
		load,
		judge: JUDGE,
		at: yearsOf(at),
		...(reading === undefined ? {} : { way })
	};
	return {
		...learntOf(model, about, hasWheel(things.cameras.get(camera)!.camera)),
		...(reading !== undefined && { reading }),
		frames: count
	};
}
