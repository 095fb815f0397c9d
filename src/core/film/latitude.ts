import type { Film, FilmType, Latitude, StopRange } from './types';

/** What each type forgives, stops of exposure error; common practice, to be replaced by the person's own. */
export const typicalLatitude: Readonly<Record<FilmType, Latitude>> = {
	'colour-negative': { good: [-1 / 2, 2], usable: [-1, 3] },
	'bw-negative': { good: [-1 / 2, 3 / 2], usable: [-1, 3] },
	reversal: { good: [-1 / 3, 1 / 3], usable: [-1, 1 / 2] },
	instant: { good: [-1 / 3, 1 / 3], usable: [-1, 2 / 3] },
	'peel-apart': { good: [-1 / 3, 1 / 3], usable: [-2 / 3, 2 / 3] }
};

/**
 * The film's own latitude, or its type's.
 *
 * @example latitudeOf({ name: 'Any', type: 'reversal', iso: 100 }).usable // [-1, 0.5]
 */
export function latitudeOf(film: Film): Latitude {
	return film.latitude ?? typicalLatitude[film.type];
}

/** What development may add to or take from the speed of a film, stops: negatives a stop each way, others nothing. */
export function pushRangeOf(film: Film): StopRange {
	const isNegative = film.type === 'colour-negative' || film.type === 'bw-negative';
	return film.pushRange ?? (isNegative ? [-1, 1] : [0, 0]);
}
