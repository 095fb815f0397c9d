import { factsOf } from './type-facts';
import type { Film, Latitude, StopRange } from './types';

/**
 * The film's own latitude, or its type's.
 *
 * @example latitudeOf({ name: 'Any', type: 'reversal', iso: 100 }).usable // [-1, 0.5]
 */
export function latitudeOf(film: Film): Latitude {
	return film.latitude ?? factsOf(film.type).latitude;
}

/** The middle of a range, stops. */
export const middleOf = ([from, to]: StopRange): number => (from + to) / 2;

/** What development may add to or take from the speed of a film, stops: its own, or its type's. */
export function pushRangeOf(film: Film): StopRange {
	return film.pushRange ?? factsOf(film.type).push;
}
