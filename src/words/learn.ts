import { automaticExposure, controlsOf, type Camera } from '../core/camera';
import type { Film } from '../core/film';
import type { CameraLesson, Experience, TellingFrame, WayLesson } from '../core/learn';
import type { TrialWorth } from '../core/match';
import { formatDoubt, formatStops, NO_THIRD, stopsInWords } from '../core/units';
import { habitInWords } from './habit';
import { wayOfReading } from './readings';
import { apertureInShort, dialInShort, settingsInShort, wheelInShort, wheelInWords } from './settings';
import { counted } from './language';

/** What learning says, with its evidence. */

/** What it stands on: frames, what the person knows, or both. */
function ofFrames(count: number, known = 0): string {
	if (count === 0 && known > 0) return 'from what you know about it';
	const frames = `from ${counted(count, 'one frame', '# frames')}`;
	return known > 0 ? `${frames} and what you know about it` : frames;
}

/**
 * What judged frames teach of a body.
 *
 * @example learntInWords(the Wedge, half a stop less from 11 frames)
 * // 'Wedge gives ½ stop less than its eye says, give or take ⅓, from 11 frames.'
 */
export function learntInWords(
	camera: Camera,
	{ stops, sd, frames, known = 0 }: Pick<CameraLesson, 'stops' | 'sd' | 'frames'> & { known?: number }
): string {
	if (frames + known === 0) return `No judged frame says anything about ${camera.name} yet.`;
	const teller = automaticExposure(camera) ? 'eye says' : 'marks say';
	return `${camera.name} gives ${habitInWords(stops, teller)}, give or take ${formatDoubt(sd)}, ${ofFrames(frames, known)}.`;
}

/** What a camera gives with a film, stops, with its wheel at a place. */
interface WithFilm {
	film: string;
	stops: number;
	sd: number;
	wheel?: number;
}

const wheelAt = (wheel = 0) => (wheel === 0 ? '' : `, wheel ${wheelInWords(wheel)},`);

/**
 * What a camera gives with a film, by which the next click is answered.
 *
 * @param film its name
 * @param frames that it was learnt from
 * @example togetherInWords(the Wedge, { film: 'Wrack 640', … }, 3) // 'With Wrack 640 Wedge gives ⅓ stop less than its eye says, …'
 */
export function togetherInWords(
	camera: Camera,
	{ film, stops, sd, wheel }: WithFilm,
	frames: number,
	known = 0
): string {
	const teller = automaticExposure(camera) ? 'eye says' : 'marks say';
	return `With ${film}${wheelAt(wheel)} ${camera.name} gives ${habitInWords(stops, teller)}, give or take ${formatDoubt(sd)}, ${ofFrames(frames, known)}.`;
}

/**
 * That frames cannot tell whose error it is, and what would.
 *
 * @example undecidedInWords(the Wedge, { film: 'Wrack 640', … })
 * // 'With Wrack 640 it gives ½ stop less, give or take ¼. This could be Wedge or Wrack 640. Shoot another film in it, or this film in another camera, and I’ll know.'
 */
export function undecidedInWords(camera: Camera, { film, stops, sd, wheel }: WithFilm): string {
	const both = `With ${film}${wheelAt(wheel)} it gives ${stopsInWords(stops)} ${stops > 0 ? 'more' : 'less'}, give or take ${formatDoubt(sd)}.`;
	return `${both} This could be ${camera.name} or ${film}. Shoot another film in it, or this film in another camera, and I’ll know.`;
}

/**
 * The one frame that would tell most of a body.
 *
 * @param frame its camera and its film by their names
 * @example tellingInWords('Wedge', { camera: 'Wedge', film: 'Silt 160' }) // 'The most telling next frame: Silt 160 in Wedge.'
 */
export const tellingInWords = ({ camera, film }: Pick<TellingFrame, 'camera' | 'film'>): string =>
	`The most telling next frame: ${film} in ${camera}.`;

/**
 * How a body has changed.
 *
 * @example driftInWords(the Wedge, { stops: -1 / 3, sd: 0.2 }) // 'Over the last year Wedge has lost ⅓ stop, give or take ⅓.'
 */
export const driftInWords = (camera: Camera, { stops, sd }: { stops: number; sd: number }): string =>
	`Over the last year ${camera.name} has ${stops > 0 ? 'gained' : 'lost'} ${stopsInWords(stops)}, give or take ${formatDoubt(sd)}.`;

/**
 * What a person knows of a camera, back in words.
 *
 * @example knownInWords(the Wedge, Wrack 640, at ½ toward lighten: right, ¼)
 * // 'Wedge with Wrack 640, wheel ½ toward lighten: right, give or take ⅓.'
 */
export function knownInWords(
	camera: Camera,
	film: Film,
	{ light, settings, judged }: Pick<Experience, 'light' | 'settings' | 'judged'>
): string {
	const eye = automaticExposure(camera);
	const { f, position = null, compensation, iso } = settings;
	const marks = controlsOf(camera).some(
		({ aperture }) => aperture.kind === 'listed' && aperture.values.length > 1
	);
	const made = eye
		? [marks ? apertureInShort(camera, f, position) : '']
		: [settingsInShort(camera, { ...settings, position }), wayOfReading(light)];
	const onDials = eye ? `${wheelInShort(compensation)}${dialInShort(camera, iso)}` : '';
	const how = `${['', ...made.filter(Boolean)].join(', ')}${onDials}`;
	return `${camera.name} with ${film.name}${how}: ${judgedInWords(judged)}, give or take ${formatDoubt(judged.sd)}.`;
}

/** A habit smaller than its doubt is not told. */
export const tellsSomething = ({ stops, sd }: { stops: number; sd: number }) => Math.abs(stops) > sd;

/**
 * How a person's own way of reading runs.
 *
 * @param name of the way
 * @example readingHabitInWords('soft edge', …) // 'Your “soft edge” readings run ⅓ stop bright, give or take ⅓, from 8 frames.'
 */
export function readingHabitInWords(name: string, { stops, sd, frames }: Omit<WayLesson, 'way'>): string {
	const doubt = `give or take ${formatDoubt(sd)}, ${ofFrames(frames)}`;
	if (!tellsSomething({ stops, sd })) return `Your “${name}” readings are about right, ${doubt}.`;
	return `Your “${name}” readings run ${stopsInWords(stops)} ${stops > 0 ? 'bright' : 'dark'}, ${doubt}.`;
}

/** Whether what is taken off readings is no longer what their frames say. */
export const isOutgrown = (used: { stops: number }, now: { stops: number }): boolean =>
	Math.abs(used.stops - now.stops) >= NO_THIRD;

/**
 * What is done about a habit.
 *
 * @param now what frames say of it by now
 * @example habitUsedInWords({ stops: 0.33, sd: 0.2 }, { stops: 0.5, sd: 0.1 })
 * // 'Shoot takes ⅓ stop off such readings, give or take ⅓. By now it would be ½.'
 */
export function habitUsedInWords(used: { stops: number; sd: number }, now: { stops: number }): string {
	const { stops, sd } = used;
	const size = stopsInWords(stops);
	const does = stops > 0 ? `takes ${size} off` : `adds ${size} to`;
	const more = isOutgrown(used, now) ? ` Today it would be ${nowInWords(stops, now.stops)}.` : '';
	return `Shoot ${does} such readings, give or take ${formatDoubt(sd)}.${more}`;
}

function nowInWords(before: number, now: number): string {
	if (Math.abs(now) < NO_THIRD) return 'nothing';
	if (Math.sign(before) === Math.sign(now)) return formatStops(now);
	return `${formatStops(now)} the other way`;
}

/** Chance from which on a frame is shot without asking. */
const MOSTLY = 0.7;
/** Frames that make a trial worth a word. */
const WORTH_A_WORD = 0.5;

/**
 * Whether a test frame is worth it.
 *
 * @param left frames left in the camera
 * @returns an empty text where it would not help, and a frame fails all the same
 * @example trialInWords({ saved: 1.9, … }, 8) // 'One trial now should save 2 of the remaining 7.'
 */
export function trialInWords({ saved, now }: TrialWorth, left: number): string {
	if (saved < WORTH_A_WORD) return now.usable >= MOSTLY ? 'No trial needed: shoot.' : '';
	const many = Math.round(saved);
	return `One trial now should save ${many === 1 ? 'one' : many} of the remaining ${left - 1}.`;
}

/**
 * How a frame came out.
 *
 * @param stops + = too light
 * @example judgedInWords({ stops: -2 / 3 }) // '⅔ stop too dark'
 */
export function judgedInWords({ stops }: { stops: number }): string {
	if (Math.abs(stops) < NO_THIRD) return 'right';
	return `${stopsInWords(stops)} too ${stops > 0 ? 'light' : 'dark'}`;
}

/**
 * Frames that were exposed as promised and lost all the same.
 *
 * @example lostInWords(2) // 'Of those that came out in exposure, 2 were lost by focus or shake, of which nothing is promised here.'
 */
export const lostInWords = (count: number): string =>
	count === 0
		? ''
		: `Of the well-exposed frames, ${counted(count, 'one was', '# were')} lost to focus or shake, which isn’t predicted here.`;
