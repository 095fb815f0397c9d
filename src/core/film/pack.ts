import { factsOf } from './type-facts';
import type { Film, FilmType } from './types';

/**
 * Whether a film goes where one of a type does.
 *
 * @example fitsWhere({ name: 'Any', type: 'reversal', iso: 100 }, 'bw-negative') // true
 */
export function fitsWhere(film: Film, type: FilmType): boolean {
	return factsOf(film.type).holder === factsOf(type).holder;
}
