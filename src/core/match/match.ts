import { isHandTimed, type Camera } from '../camera';
import { latitudeOf, speedDoubt, type Film } from '../film';
import { chooseFocus } from '../focus';
import { resolveLight, type Light, type ResolvedLight } from '../light';
import { bestOf, ranked, type Candidate } from './best';
import { chanceWithin, handTimingDoubt } from './chance';
import { offsetOf, rightLight } from './exposure-error';
import { reachableSettings, type Setting } from './settings';
import { spoilersOf } from './spoilers';
import type { Intent, Match, Outcome } from './types';
import { verdictOf } from './verdict';

function judge(camera: Camera, film: Film, light: ResolvedLight, intent: Intent, setting: Setting): Outcome {
	const { f, seconds, position } = setting;
	const error = light.ev - rightLight(camera, film, intent, f, seconds);
	const byHand = setting.handTimed ? handTimingDoubt(seconds) : 0;
	const sd = Math.hypot(light.sd, offsetOf(camera).sd, speedDoubt(film), byHand);
	const latitude = latitudeOf(film);
	const focused = chooseFocus(camera, f, intent.subjectDistance);
	return {
		f,
		seconds,
		compensation: null,
		iso: null,
		position,
		error,
		verdict: verdictOf(latitude, error),
		chances: {
			good: chanceWithin(latitude.good, error, sd),
			usable: chanceWithin(latitude.usable, error, sd)
		},
		clamped: null,
		secondsRange: [seconds, seconds],
		spoilers: spoilersOf(camera, intent, seconds, focused),
		...focused
	};
}

/**
 * The outcome of one given setting, as it was really set: for a frame that was shot.
 *
 * @param setting f-number, time in s, and the place of the lever if the camera has one
 * @example outcomeAt(fixed f/11, ISO 400 colour negative, { ev: 12 }, {}, { f: 11, seconds: 1 / 100 }).error // 0.44
 */
export function outcomeAt(
	camera: Camera,
	film: Film,
	light: Light,
	intent: Intent,
	setting: { f: number; seconds: number; position?: string | null }
): Outcome {
	const { f, seconds, position = null } = setting;
	return judge(camera, film, resolveLight(light), intent, {
		f,
		seconds,
		position,
		handTimed: isHandTimed(camera, seconds)
	});
}

/** Stops by which a time misses a wanted range; 0 inside. */
function missedTime(wanted: NonNullable<Intent['seconds']>, seconds: number): number {
	const [least, most] = wanted;
	const short = least === null ? 0 : Math.log2(least / seconds);
	const long = most === null ? 0 : Math.log2(seconds / most);
	return Math.max(0, short, long);
}

const SAME_MISS = 1e-9;

/** Those settings that meet the wanted time, or else the nearest ones, and what stays unmet. */
function meetTime(settings: Setting[], wanted: Intent['seconds']): Pick<Match, 'unmet'> & { met: Setting[] } {
	if (!wanted) return { met: settings, unmet: [] };
	const misses = settings.map((setting) => missedTime(wanted, setting.seconds));
	const least = Math.min(...misses);
	const met = settings.filter((_, index) => misses[index] <= least + SAME_MISS);
	return { met, unmet: least > SAME_MISS ? ['seconds'] : [] };
}

function candidatesFor(camera: Camera, film: Film, light: ResolvedLight, intent: Intent) {
	const settings = reachableSettings({ camera, film, intent, ev: light.ev });
	const { met, unmet } = meetTime(settings, intent.seconds);
	const candidates = met.map((setting): Candidate => ({
		outcome: judge(camera, film, light, intent, setting),
		handTimed: setting.handTimed
	}));
	return { candidates, unmet };
}

/**
 * THE computation: what a camera with a film does in a light, setting by setting, best first.
 *
 * @param camera lengths mm, distances m, times s
 * @param film speeds ISO, changes in stops
 * @param light EV at ISO 100 with its doubt, or a reading of it
 * @param intent what is wanted or fixed already; everything absent is free
 * @returns errors in stops, + = too much light on the film
 * @throws nothing for input that its schemas pass and wishProblems finds no fault with
 * @example match(fixed f/11 at 1/100 s, ISO 400 colour negative, { ev: 12 }).best.error // 0.44
 */
export function match(camera: Camera, film: Film, light: Light, intent: Intent = {}): Match {
	const resolved = resolveLight(light);
	const { candidates, unmet } = candidatesFor(camera, film, resolved, intent);
	const settings = ranked(camera, film, candidates);
	return { light: resolved, best: settings[0], settings, unmet };
}

/**
 * The best outcome alone: what a lane shows while the light is dragged. The same as
 * `match(…).best`, without ordering the rest.
 *
 * @param camera see match
 * @param film see match
 * @param light see match
 * @param intent see match
 */
export function bestOutcome(camera: Camera, film: Film, light: Light, intent: Intent = {}): Outcome {
	const { candidates } = candidatesFor(camera, film, resolveLight(light), intent);
	return bestOf(camera, film, candidates);
}
