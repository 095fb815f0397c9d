import type { ZoneOf } from '../sun/zone';
import type { Light } from '../types';
import type { Face } from './face';
import { lampFace } from './lamp';
import { plainFace } from './plain';
import { shadowsFace } from './shadows';
import { sunFace } from './sun';

export type { Face, FaceMark } from './face';

/**
 * The face of the line of light for the way in which it was read: metres for a lamp, clock times for
 * the sun, pictures for shadows, words for the rest.
 *
 * @param light the reading, or null before there is one
 * @param sd doubt of a light that is only tried where its way gives none, stops
 * @param zoneOf tells by which clock the sun is seen, at a place
 * @example faceOf(a lamp's reading at 2 m, 1, zoneAt).wordsAt(a stop more) // '1.4 m'
 */
export function faceOf(light: Light | null, sd: number, zoneOf: ZoneOf): Face {
	if (light && 'method' in light) {
		if (light.method === 'lamp') return lampFace(light);
		if (light.method === 'sun') return sunFace(light, zoneOf);
		if (light.method === 'shadows') return shadowsFace(light);
	}
	return plainFace(sd);
}
