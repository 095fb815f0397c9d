import { factsOf } from './type-facts';
import type { Film, StopRange } from './types';

/** What of a scene a film does not draw, stops; 0 where it does. */
export interface LostTones {
	shadows: number;
	highlights: number;
}

/**
 * What is lost of a scene's darkest and brightest parts on a film.
 *
 * @param range darkest and brightest part that matter, stops from what mid grey is exposed for
 * @param error stops of exposure; + = too much light on the film, which lifts the shadows and loses highlights
 * @example lostTones(a reversal film, [-4, 2], 0) // { shadows: 1, highlights: 0 }
 */
export function lostTones(film: Film, [darkest, brightest]: StopRange, error: number): LostTones {
	const [black, white] = factsOf(film.type).draws;
	return {
		shadows: Math.max(0, black - (darkest + error)),
		highlights: Math.max(0, brightest + error - white)
	};
}
