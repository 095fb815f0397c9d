import {
	askedBy,
	automaticExposure,
	handTimingDoubt,
	leanOf,
	scatterOf,
	withOffset,
	type Camera
} from '../camera';
import { reciprocityDoubt, type Film, type Latitude } from '../film';
import type { Light } from '../light';
import { placedAsMade, type MadeSetting } from './match';
import { focusedAt } from './outcome';
import { rightAt } from './response';
import { spoilersOf } from './spoilers';
import type { Intent, SpoilerKind } from './types';

/** How much an error moves with each of what may befall a frame. */
export interface Slopes {
	light: number;
	body: number;
	meter: number;
}

/** Of what may befall a frame, stops: the light, what the body gives beside its settings, and light on an eye elsewhere. */
type Of<T> = (light: number, body: number, meter: number) => T;

/** One frame as it was set, open to what may befall it: of a camera without any offset of its own. */
export interface OpenFrame {
	/** By the film's latitude. */
	latitude: Latitude;
	f: number;
	seconds: number;
	spoilers: SpoilerKind[];
	/** An eye had a part in it. */
	byEye: boolean;
	/** By how much the error moves with the light, with the body, and with light on an eye elsewhere; null: it bends. */
	slopes: Slopes | null;
	/** Doubt of this one frame, stops: the eye's scatter, and by hand a watch and what the film loses over long times. */
	own: { eye: number; hand: number };
	/** Doubt of the light on an eye that stands elsewhere, stops. */
	meterSd: number;
	/** Error, stops; + = too much light. */
	error: Of<number>;
	/** The limit that holds the eye then. */
	held: Of<'fastest' | 'slowest' | null>;
}

/** So far away a bend does not matter, stops; and what is no bend. */
const [FAR, STRAIGHT] = [3, 1e-6];

/** How an error moves with each of what may befall it, as far as it moves evenly. */
function slopesOf(error: OpenFrame['error']): Slopes | null {
	const middle = error(0, 0, 0);
	const along = (of: (by: number) => number) => {
		const [low, high] = [of(-FAR) - middle, of(FAR) - middle];
		return Math.abs(low + high) < STRAIGHT ? high / FAR : null;
	};
	const light = along((by) => error(by, 0, 0));
	const body = along((by) => error(0, by, 0));
	const meter = along((by) => error(0, 0, by));
	return light === null || body === null || meter === null ? null : { light, body, meter };
}

/**
 * A frame as it was set, open to what may befall it: the same computation as of its outcome, with the light and
 * the body left free.
 *
 * @param camera with no offset; what it gives beside its settings is in what befalls
 * @example openFrame(f/11 at 1/100 s, ISO 400, { ev: 12 }, {}, { f: 11, seconds: 1 / 100 }).error(1, 0, 0) // 1.44
 */
export function openFrame(
	camera: Camera,
	film: Film,
	light: Light,
	intent: Intent,
	made: MadeSetting
): OpenFrame {
	const bare = withOffset(camera, { stops: 0, sd: 0 });
	const { scene, placed } = placedAsMade(bare, film, light, intent, made);
	const { setting, answered } = placed;
	const { aim, response } = setting;
	const seen = scene.light;
	const loses = reciprocityDoubt(film, answered.seconds);
	const shared = {
		latitude: scene.latitude,
		f: answered.f,
		seconds: answered.seconds,
		spoilers: spoilersOf(camera, intent, answered, focusedAt(scene, answered.f)).map(({ kind }) => kind)
	};
	if (aim === null)
		return {
			...shared,
			byEye: false,
			slopes: { light: 1, body: 1, meter: 0 },
			own: { eye: 0, hand: Math.hypot(loses, setting.handTimed ? handTimingDoubt(answered.seconds) : 0) },
			meterSd: 0,
			error: (more, body) => placed.error + more + body,
			held: () => null
		};
	const { knots, ends } = response;
	const eye = automaticExposure(camera)!;
	const asked: Of<number> = (more, body, meter) =>
		askedBy(aim, seen.meterEv + (seen.sameLight ? more : meter)) - body;
	const error: Of<number> = (more, body, meter) =>
		seen.ev + more + scene.gain + setting.bonus - rightAt(response, asked(more, body, meter));
	return {
		...shared,
		byEye: true,
		slopes: slopesOf(error),
		own: { eye: Math.hypot(scatterOf(eye), leanOf(eye, seen.meterEv, intent.filters ?? []).sd), hand: loses },
		meterSd: seen.sameLight ? 0 : seen.meterSd,
		error,
		held(more, body, meter) {
			const at = asked(more, body, meter);
			if (at > knots[knots.length - 1].v) return ends[1] === null ? null : 'fastest';
			return at < knots[0].v && ends[0] !== null ? 'slowest' : null;
		}
	};
}
