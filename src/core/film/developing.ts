import { factsOf } from './type-facts';
import type { Film, FilmType } from './types';

/**
 * Whether a film is developed by its person or a laboratory, after it was shot.
 *
 * @example isDevelopedLater({ name: 'Any', type: 'instant', iso: 640 }) // false
 */
export const isDevelopedLater = ({ type }: Pick<Film, 'type'>): boolean => factsOf(type).developsIn === null;

const WARM = 21;
/** Ten degrees colder take twice as long; common practice. */
const DEGREES_FOR_DOUBLE = 10;
const [COLDEST, WARMEST] = [0, 40];

/** Whether a film is seen while the rest of it is still being shot: the next click is answered by the last. */
export const isSeenAtOnce = (film: Pick<Film, 'type'>): boolean => !isDevelopedLater(film);

/**
 * How long a picture develops before it can be judged.
 *
 * @param celsius of the picture, kept between 0 and 40
 * @returns s; null for film that is developed later
 * @example developingSeconds('instant', 11) // 1200
 */
export function developingSeconds(type: FilmType, celsius: number): number | null {
	const seconds = factsOf(type).developsIn;
	if (seconds === null) return null;
	const degrees = Math.min(WARMEST, Math.max(COLDEST, celsius));
	return seconds * 2 ** ((WARM - degrees) / DEGREES_FOR_DOUBLE);
}
