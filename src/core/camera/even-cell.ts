import { automaticExposure } from './eye';
import type { Camera } from './types';

/** Stops of time for a stop of light: a cell beyond these follows nothing that could be gone by. */
export const USABLE_SLOPES = { least: 0.5, most: 2 } as const;

/** A camera whose cell is taken to follow the light stop for stop: what was measured of it is left out. */
export function withEvenCell<C extends Pick<Camera, 'exposure'>>(camera: C): C {
	const eye = automaticExposure(camera);
	if (!eye?.response) return camera;
	const { response: _, ...even } = eye;
	return { ...camera, exposure: even };
}
