import type { Film, FilmType } from './types';

/** What holds a film: packs fit their own cameras, all else lies on spools. */
const holderOf = (type: FilmType) => (type === 'instant' || type === 'peel-apart' ? type : 'spool');

/**
 * Whether a film goes where one of a type does.
 *
 * @example fitsWhere({ name: 'Any', type: 'reversal', iso: 100 }, 'bw-negative') // true
 */
export function fitsWhere(film: Film, type: FilmType): boolean {
	return holderOf(film.type) === holderOf(type);
}
