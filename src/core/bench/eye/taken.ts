import {
	automaticExposure,
	dialSpeeds,
	USABLE_SLOPES,
	type AutomaticExposure,
	type Camera,
	type Wheel
} from '../../camera';
import { birgeRatio, settingsEv, speedStops } from '../../units';
import { BY_SOUND } from './measure';
import type { EyeCurve, EyeLimit, Timing } from './types';

/** Where nothing tells the light itself, an eye is taken to be right in open shade: its maker set it outdoors, EV; common practice. */
const USUAL_ABOUT = 12;
/** A screen lacks the infrared that old cells see, stops; common practice. */
const SCREEN_COLOUR = 0.5;
/** A limit is told where one time is in doubt by no more than this, stops: by sound, from 1/60 s up. */
const TOLD_WITHIN = 0.087;

/** What a meter read of the brightest step, and how the camera was set before it. */
export interface WhiteRead {
	/** EV at ISO 100, reflected. */
	ev: number;
	f: number;
	/** What its eye was told, ISO. */
	iso: number;
}

/**
 * The shortest time that can be told as a limit, s.
 *
 * @example shortestTold({ sd: 0.001 }) // 1/60
 */
export const shortestTold = ({ sd }: Timing = BY_SOUND): number => sd / (TOLD_WITHIN * Math.LN2);

/** Whether a limit was reached, and is long enough for the way in which it was timed. */
export const isTold = ({ reached, seconds }: EyeLimit, timing: Timing = BY_SOUND): boolean =>
	reached && seconds >= shortestTold(timing);

/**
 * What the brightest step says of the offset, where a meter read it.
 *
 * @returns stops, + = it gives more than it should
 * @example offsetByWhite({ seconds: 1 / 30, sd: 0 }, { ev: 9, f: 4, iso: 100 }).stops // about 0.1
 */
export function offsetByWhite(
	{ seconds, sd }: EyeCurve['full'],
	{ ev, f, iso }: WhiteRead
): { stops: number; sd: number } {
	return { stops: ev + speedStops(iso) - settingsEv(f, seconds), sd: Math.hypot(SCREEN_COLOUR, sd) };
}

/** Places of a wheel share the doubt of its middle, and no wheel is known better than this, of a stop; common practice. */
const LEAST_DOUBT = 0.03;

/**
 * What a stop of the wheel does, by all its places: a straight line through its middle.
 * Source: weighted least squares through the origin, with the Birge ratio where places do not go with a line.
 *
 * @returns stops for a marked stop; null where no place beside the middle was fired at, or no camera could be so
 * @example wheelByPlaces([{ place: -1, value: -0.8, sd: 0.1 }, { place: 1, value: 0.8, sd: 0.1 }]) // { stops: 0.8, sd: 0.071 }
 */
export function wheelByPlaces(places: EyeCurve['wheel']): { stops: number; sd: number } | null {
	const away = places.filter(({ place }) => place !== 0);
	const weights = away.map(({ place, sd }) => (place / Math.max(sd, LEAST_DOUBT)) ** 2);
	const weight = weights.reduce((sum, each) => sum + each, 0);
	if (weight === 0) return null;
	const does = away.map(({ place, value }) => value / place);
	const stops = does.reduce((sum, each, at) => sum + weights[at] * each, 0) / weight;
	const { least, most } = USABLE_SLOPES;
	if (stops < least || stops > most) return null;
	const misses = does.reduce((sum, each, at) => sum + weights[at] * (each - stops) ** 2, 0);
	return { stops, sd: Math.max(LEAST_DOUBT, birgeRatio(misses, away.length) / Math.sqrt(weight)) };
}

/** A wheel with what firings told of it. */
function turned(wheel: Wheel | undefined, curve: EyeCurve): Wheel | undefined {
	const does = wheelByPlaces(curve.wheel);
	return wheel && does ? { ...wheel, does: { stops: rounded(does.stops), sd: rounded(does.sd) } } : wheel;
}

/** What marks of the dial do beside what is written on them, of what they do beside the first. */
function dialOf(first: number, curve: EyeCurve): AutomaticExposure['dial'] {
	const marks = curve.dial.map(({ iso, value, sd }) => ({
		iso,
		stops: rounded(value - Math.log2(first / iso)),
		sd: rounded(sd)
	}));
	return marks.length > 0 ? marks : undefined;
}

const rounded = (value: number) => Math.round(value * 1000) / 1000;

/**
 * A camera with what firings told of its eye: how its cell follows the light, what its wheel and dial do, its limits where
 * they were reached, and where a meter read the screen and nothing was known, its offset. Its scatter stays: a screen is even, scenes are not.
 *
 * @param white what a meter read of the brightest step; null: nothing
 * @example withCurve(a camera with an eye, a curve of slope 0.9, null).exposure.response // { slope: 0.9, sd: …, about: 12 }
 */
export function withCurve<C extends Camera>(
	camera: C,
	curve: EyeCurve,
	white: WhiteRead | null,
	timing?: Timing
): C {
	const eye = automaticExposure(camera);
	if (!eye || camera.shutter.kind !== 'range') return camera;
	const { slope, sd } = { slope: rounded(curve.slope.value), sd: rounded(curve.slope.sd) };
	const { shutter } = camera;
	const fastest = isTold(curve.fastest, timing) ? curve.fastest.seconds : shutter.fastest;
	const slowest = isTold(curve.slowest, timing) ? curve.slowest.seconds : shutter.slowest;
	const offset = white && !camera.offset ? offsetByWhite(curve.full, white) : camera.offset;
	return {
		...camera,
		shutter: { ...shutter, fastest, slowest: Math.max(fastest, slowest) },
		exposure: {
			...eye,
			dial: dialOf(dialSpeeds(camera)[0], curve) ?? eye.dial,
			compensation: turned(eye.compensation, curve),
			response: { slope, sd, about: white?.ev ?? USUAL_ABOUT }
		},
		...(offset && { offset })
	};
}
