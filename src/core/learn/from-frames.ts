import {
	automaticExposure,
	controlsOf,
	handTimingDoubt,
	leanOf,
	scatterOf,
	measuredGain,
	usualOffset,
	withOffset,
	type AutomaticExposure,
	type Camera,
	type Filter
} from '../camera';
import { reciprocityDoubt, speedDoubt, type Film } from '../film';
import { freshSd, habitSd, resolveLight, type Light } from '../light';
import { expectedOf, withLearnt, type Intent, type Learnt, type MadeSetting } from '../match';
import { formatAperture } from '../units';
import { FAR_OFF, FILM_SD, learntOf, yearsOf } from './learn';
import { mayHold, modelOf, type BodyPrior, type TaughtFrame } from './model';

/** A frame that was judged, as it was shot. */
export interface ShotFrame {
	light: Light;
	settings: MadeSetting;
	handheld?: boolean;
	filters?: Filter[];
	exposures?: number;
	/** A close-up lens, 1/m. */
	closeUp?: { dioptres: number };
	/** To the subject, m. */
	distance?: number;
	/** A frame that a flash lit says nothing of eye and shutter. */
	flash?: unknown;
	judged: { stops: number; sd: number };
}

/** What tells a frame's things apart. */
export interface FrameOf {
	id: string;
	camera: string;
	film: string;
	load: string;
	/** How its light was read. */
	way: string;
	/** ISO 8601 with offset. */
	takenAt: string;
}

/** Whether an eye has a wheel that may do more or less than it says. */
export const hasWheel = (camera: Camera): boolean => automaticExposure(camera)?.compensation !== undefined;

/** Everything is judged by one person here. */
export const JUDGE = 'own';

/** The mark or place that a frame was shot at, where the camera has more than one. */
export function settingOf(camera: Camera, { f, iso }: MadeSetting): string | undefined {
	const eye = automaticExposure(camera);
	if (eye && eye.iso.length > 1 && iso != null) return `dial ${iso}`;
	const apertures = controlsOf(camera).flatMap(({ aperture }) =>
		aperture.kind === 'listed' ? aperture.values : []
	);
	return new Set(apertures).size > 1 ? formatAperture(f) : undefined;
}

/** What was on the camera at a frame. */
const intentOf = ({
	handheld,
	filters,
	exposures,
	closeUp,
	distance
}: Omit<ShotFrame, 'light' | 'settings' | 'judged'>): Intent => ({
	...{ handheld, filters, exposures },
	closeUp: closeUp?.dioptres,
	subjectDistance: distance
});

/** Doubt of one frame that an eye set, beside what the body always gives: its scatter, its cell's, and what of the reading it leaves. */
function ownDoubt(eye: AutomaticExposure, light: Light, filters: readonly Filter[] = []): number {
	const { sd, meterEv, meterSd } = resolveLight(light);
	// An even cell follows what the reading missed; one that leans leaves a part of it.
	const missed = light.meterEv === undefined ? sd * Math.abs(1 - (eye.response?.slope ?? 1)) : meterSd;
	return Math.hypot(scatterOf(eye), leanOf(eye, meterEv, filters).sd, missed);
}

/**
 * A judged frame as the model takes it: predicted for a body and a film of which nothing was learnt.
 *
 * @returns null for a frame that says nothing of them: one that a flash lit
 */
export function taughtFrameOf(
	camera: Camera,
	film: Film,
	{ light, settings, judged, flash, ...mounted }: ShotFrame,
	of: FrameOf
): TaughtFrame | null {
	if (flash) return null;
	const bare = withOffset(camera, { stops: 0, sd: 0 });
	const expected = expectedOf(bare, film, light, intentOf(mounted), settings);
	const eye = expected.byEye ? automaticExposure(camera) : null;
	const { sd } = resolveLight(light);
	const elsewhere = eye !== null && light.meterEv !== undefined;
	const { id, way, load, takenAt } = of;
	return {
		id,
		beyond: judged.stops - expected.free,
		camera: of.camera,
		film: of.film,
		load,
		judge: JUDGE,
		way,
		at: yearsOf(takenAt),
		mark: settingOf(camera, settings),
		wheel: settings.compensation ?? 0,
		gamma: eye && !elsewhere ? 0 : 1,
		judgeSd: Math.hypot(
			judged.sd,
			reciprocityDoubt(film, settings.seconds),
			settings.handTimed ? handTimingDoubt(settings.seconds) : 0
		),
		scatter: eye ? ownDoubt(eye, light, mounted.filters) : 0,
		freshSd: freshSd(sd, habitSd(light)),
		...(expected.limit && mayHold(expected.limit) && { limit: expected.limit })
	};
}

/** How far bodies wander in a year, stops: an eye with its cell, and a shutter; common practice. */
const [EYE_DRIFT, SHUTTER_DRIFT] = [0.3, 0.1];

/** What was said of an offset before any frame was judged. */
export interface SaidBefore {
	prior: { stops: number; sd: number };
	/** Nothing had been said of it. */
	untold?: boolean;
}

/** What is known of a body before any of its frames was judged: what was measured, or what is usual for its kind. */
export function priorOf(camera: Camera): { stops: number; sd: number } {
	if (camera.offset && camera.offset.sd > 0) return camera.offset;
	return { ...usualOffset(camera), ...(camera.offset && { stops: camera.offset.stops }) };
}

/**
 * The same as the model takes it: one that was measured is not far off.
 *
 * @param before what was said before learning began, where it has begun
 */
export function bodyPriorOf(camera: Camera, before?: SaidBefore): BodyPrior {
	const measured = before ? !before.untold : (camera.offset?.sd ?? 0) > 0;
	const { stops, sd } = before?.prior ?? priorOf(camera);
	return {
		stops,
		sd,
		wide: measured ? null : FAR_OFF,
		drift: automaticExposure(camera) ? EYE_DRIFT : SHUTTER_DRIFT,
		wheel: measuredGain(camera) ?? undefined
	};
}

/** Doubt of a film's speed as an emulsion, before any frame told of it, stops. */
export const filmPriorOf = (film: Film): number => Math.max(FILM_SD, speedDoubt(film));

/** What is known of a camera with a film, and by how many frames of the camera. */
export type LearntSoFar = Learnt & { frames: number };

/** What the frames of one load taught, beside what was known before. */
export interface Answered<C extends Camera, F extends Film> {
	camera: C;
	film: F;
	/** null where nothing is known but what is usual. */
	learnt: LearntSoFar | null;
}

/**
 * A camera with a film as what is known of the two together has them: what was learnt before, and freshly judged
 * frames of the load: what the next click is answered with. What was known before is what the body starts from.
 *
 * @param fresh frames of this load alone
 * @param before what other frames say of the two, and how many; null: nothing
 * @param said what was said of the body before learning began
 */
export function answered<C extends Camera, F extends Film>(
	camera: C,
	film: F,
	fresh: readonly (ShotFrame & Pick<FrameOf, 'id' | 'takenAt'>)[],
	before: LearntSoFar | null = null,
	said?: SaidBefore
): Answered<C, F> {
	const frames = fresh.flatMap(
		(frame) => taughtFrameOf(camera, film, frame, { ...LOAD, id: frame.id, takenAt: frame.takenAt }) ?? []
	);
	const told =
		frames.length === 0 ? before : withFresh(camera, bodyPriorOf(camera, said), film, frames, before);
	if (!told) return { camera, film, learnt: null };
	return { ...withLearnt(camera, film, told), learnt: told };
}

/** The names of the one camera with the one film, whose light was read in one way. */
const LOAD = { camera: 'this', film: 'film', load: 'load', way: 'way' };

/**
 * What is known of the two together in the body's place: the film is in it already. Offset and wheel go together;
 * with the wheel counted from where they do not, each has its own doubt.
 */
function startFrom(usual: BodyPrior, before: Learnt): { body: BodyPrior; middle: number } {
	const { stops, sd, wide = null, wheel } = before;
	if (!wheel || wheel.sd === 0) return { body: { ...usual, stops, sd, wide }, middle: 0 };
	const middle = wheel.covariance / wheel.sd ** 2;
	const shared = middle * wheel.covariance;
	const own = (of: number) => Math.sqrt(Math.max(LEAST_VARIANCE, of ** 2 - shared));
	return {
		body: {
			...usual,
			stops,
			sd: own(sd),
			wide: wide && { ...wide, sd: own(wide.sd) },
			wheel: { stops: 0, sd: wheel.sd }
		},
		middle
	};
}

/** Nothing is known better than this, stops². */
const LEAST_VARIANCE = 1e-4;

function withFresh(
	camera: Camera,
	usual: BodyPrior,
	film: Film,
	frames: TaughtFrame[],
	before: LearntSoFar | null
): LearntSoFar {
	const { body, middle } = before ? startFrom(usual, before) : { body: usual, middle: 0 };
	const gain = before?.wheel?.stops ?? 0;
	const taken = frames.map((frame) => ({
		...frame,
		beyond: frame.beyond - gain * frame.wheel,
		wheel: frame.wheel + middle,
		...(before && { film: undefined, judge: undefined })
	}));
	const model = modelOf(
		taken,
		{
			bodies: new Map([[LOAD.camera, body]]),
			films: new Map([[LOAD.film, filmPriorOf(film)]]),
			ways: new Map([[LOAD.way, WAY_SD]])
		},
		LOAD.camera
	);
	const at = Math.max(...frames.map((frame) => frame.at));
	const { film: ofFilm, judge } = taken[0];
	const about = { camera: LOAD.camera, at, load: LOAD.load, film: ofFilm, judge, wheel: middle };
	const learnt = learntOf(model, about, hasWheel(camera));
	const count = frames.filter(({ id }) => !model.wild.includes(id)).length;
	return {
		...learnt,
		...(learnt.wheel && { wheel: { ...learnt.wheel, stops: learnt.wheel.stops + gain } }),
		...(before && { limit: before.limit, body: before.body }),
		frames: count + (before?.frames ?? 0)
	};
}

/** Light of one load is read in ways that are not told apart, stops. */
const WAY_SD = 0.3;
