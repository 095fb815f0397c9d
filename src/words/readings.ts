import {
	contradictionIn,
	lampDistanceFor,
	lightNote,
	FARTHEST_LAMP,
	nearestOf,
	type CombinedReading,
	type LampReading,
	type Light,
	schools
} from '../core/light';
import type { Interval } from '../core/match';
import { formatDistance, stopsInWords } from '../core/units';
import { capital } from './capital';
import { anyOf } from './language';

/**
 * What is said where readings of one light contradict each other.
 *
 * @returns an empty text where they do not
 * @example contradictionInWords(two readings three stops apart) // 'Incident meter and guess by eye differ by 3 stops. Was one taken in different light?'
 */
export function contradictionInWords(light: Light): string {
	if (!('method' in light) || light.method !== 'combined') return '';
	const found = contradictionIn(light);
	if (!found) return '';
	const [one, other] = found.between.map((place) => lightNote((light as CombinedReading).readings[place]));
	const both = one === other ? `Two readings ${one}` : `${capital(one)} and ${other}`;
	return `${both} differ by ${stopsInWords(found.stops)}. Was one taken in different light?`;
}

/**
 * Where a lamp must stand for a camera to work.
 *
 * @param good light in which the camera is just enough, EV
 * @example lampInWords(a lamp's reading, [[7, 9]]) // 'just enough with the lamp at 1 m to 2 m'
 */
export function lampInWords(lamp: LampReading, good: readonly Interval[]): string {
	const nearest = nearestOf(lamp.source);
	const places = good
		.map(([from, to]) => [lampDistanceFor(lamp, to), lampDistanceFor(lamp, from)])
		.map(([near, far]) => [Math.max(nearest, near), Math.min(FARTHEST_LAMP, far)])
		.filter(([near, far]) => near < far)
		.sort(([a], [b]) => a - b);
	if (places.length === 0) return 'not just enough with this lamp at any distance';
	const said = places.map(([near, far]) => `${formatDistance(near)} to ${formatDistance(far)}`);
	return `just enough with the lamp at ${anyOf(said)}`;
}

/**
 * How a light was read, as a person tells ways apart: a shadow by what it looked like, anything else by
 * what it was read with.
 *
 * @example wayOfReading({ method: 'shadows', school: 'shadow-edge', condition: 'soft' }) // 'Soft-edged shadows (shadow edge)'
 */
export function wayOfReading(light: Light): string {
	if (!('method' in light)) return 'your own number';
	if (light.method === 'place') return lightNote(light);
	if (light.method !== 'shadows') return wayNames[light.method];
	const { name, conditions } = schools[light.school];
	return `${conditions[light.condition]?.words ?? ''} (${name.toLowerCase()})`;
}

const wayNames = {
	meter: 'the meter',
	spots: 'several spots metered',
	photo: 'a picture’s own data',
	sun: 'sun and clock',
	lamp: 'a lamp’s distance',
	eye: 'your own number',
	click: 'the second click',
	combined: 'several readings'
} as const;
