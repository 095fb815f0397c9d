import { automaticExposure, type Camera } from '../camera';
import type { Film } from '../film';
import type { Match } from './types';

/**
 * What was not said of a camera and a film, so that what is typical of their kinds was taken.
 *
 * @example typicalOf(a box, { name: 'Any', type: 'instant', iso: 640 }) // ['offset', 'latitude', 'reciprocity', 'speedSd']
 */
export function typicalOf(camera: Camera, film: Film): Match['typical'] {
	const eye = automaticExposure(camera);
	const typical: Match['typical'] = [];
	if (!camera.offset) typical.push('offset');
	if (eye && eye.scatter === undefined) typical.push('scatter');
	if (!film.latitude) typical.push('latitude');
	if (!film.reciprocity) typical.push('reciprocity');
	if (film.speedSd === undefined) typical.push('speedSd');
	return typical;
}
