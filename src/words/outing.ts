import { placeKinds, type Exposed, type Ground, type Sky } from '../core/light';
import type { FilmWish, PlannedScene, Scene, SceneLight } from '../core/plan';
import type { Camera } from '../core/camera';
import type { Film } from '../core/film';
import type { Intent } from '../core/match';
import { formatAperture, formatDistance, formatDoubt, formatEv, formatTime } from '../core/units';
import { verdictInShort } from './outcome';
import { settingsInShort } from './settings';
import { counted } from './language';

export const skyInWords: Readonly<Record<Sky, string>> = {
	clear: 'clear',
	hazy: 'hazy',
	partly: 'partly cloudy',
	overcast: 'overcast',
	heavy: 'heavy, dark cloud'
};

export const subjectInWords: Readonly<Record<Exposed, string>> = {
	facing: 'faces the sun',
	side: 'sun from the side',
	back: 'sun behind it',
	'open-shade': 'in open shade',
	'deep-shade': 'in deep shade'
};

export const groundInWords: Readonly<Record<Ground | 'plain', string>> = {
	plain: 'grass, earth or stone',
	sand: 'pale sand',
	snow: 'snow',
	water: 'water',
	woods: 'dark woods'
};

export const filmWishInWords: Readonly<Record<FilmWish, string>> = {
	colour: 'in colour',
	'black-and-white': 'in black and white',
	instant: 'on instant film'
};

/**
 * The light that a scene is expected in.
 *
 * @example sceneLightInWords({ by: 'sky', sky: 'clear', subject: 'facing' }) // 'sky clear, faces the sun'
 */
export function sceneLightInWords(light: SceneLight): string {
	if (light.by === 'sky') return `sky ${skyInWords[light.sky]}, ${subjectInWords[light.subject]}`;
	if (light.by === 'ev') return `EV ${formatEv(light.ev)}, give or take ${formatDoubt(light.sd)}`;
	return placeKinds.find(({ id }) => id === light.place)?.words.toLowerCase() ?? light.place;
}

function timeWanted(seconds: NonNullable<Intent['seconds']>): string {
	if (typeof seconds === 'number') return formatTime(seconds);
	const [least, most] = seconds;
	if (least !== null && most !== null) return `${formatTime(least)} to ${formatTime(most)}`;
	if (least !== null) return `${formatTime(least)} or slower`;
	return most === null ? '' : `${formatTime(most)} or faster`;
}

/**
 * What is wanted of a scene; empty where nothing is.
 *
 * @example needsInWords({ intent: { seconds: [4, 10], handheld: false }, depth: 16, … }) // '4 s to 10 s, f/16 or smaller, on a support'
 */
export function needsInWords({ intent = {}, depth, on }: Pick<Scene, 'intent' | 'depth' | 'on'>): string {
	const { seconds, subjectDistance, subjectSpeed, handheld } = intent;
	const hold = handheld ? 'hand-held' : 'on a tripod';
	const needs = [
		seconds !== undefined && timeWanted(seconds),
		depth !== undefined && `${formatAperture(depth)} or smaller`,
		subjectDistance !== undefined && `at ${formatDistance(subjectDistance)}`,
		subjectSpeed && 'it moves',
		handheld !== undefined && hold,
		on && filmWishInWords[on]
	];
	return needs.filter(Boolean).join(', ');
}

/** So many frames. */
export const framesInWords = (count: number): string => counted(count, '1 frame', '# frames');

/**
 * How a scene is taken, in one line.
 *
 * @example plannedInWords(planned, true) // 'Paddle 66 with Marram 400: f/11 sun, 1/100 s, by hand; just enough'
 */
export function plannedInWords(planned: PlannedScene<Camera, Film>, handheld: boolean): string {
	const { camera, film, filters, outcome } = planned;
	const worn = filters.map(({ name }) => `, with ${name}`).join('');
	const hold = handheld ? 'hand-held' : 'on a tripod';
	const settings = settingsInShort(camera, outcome);
	return `${camera.name} with ${film.name}: ${settings}${worn}, ${hold}; ${verdictInShort(outcome)}`;
}
