import { landmarks, nearestLandmark } from '../landmarks';
import type { Face } from './face';

/** Words for light that is not told in a unit of its own. */
export function plainFace(sd: number): Face {
	return {
		drags: 'the light',
		quantity: false,
		marks: [...landmarks],
		lightAt: (ev) => ({ method: 'eye', ev, sd }),
		wordsAt: (ev) => nearestLandmark(ev).words
	};
}
