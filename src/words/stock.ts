import type { BatchLeft, FilmType, Storage } from '../core/film';
import { agedBatch, type Film } from '../core/film';
import { formatDoubt, stopsInWords } from '../core/units';
import { counted } from './language';
import { monthInWords } from './moment';

/** What there is of films, in words. */

/**
 * Packs or rolls, counted.
 *
 * @example packsInWords('instant', 2) // '2 packs'
 */
export const packsInWords = (type: FilmType, count: number): string =>
	type === 'instant' || type === 'peel-apart'
		? counted(count, '1 pack', '# packs')
		: counted(count, '1 roll', '# rolls');

/** How film is kept, as lists offer it. */
export const storageNames: readonly { value: Storage; name: string }[] = [
	{ value: 'room', name: 'at room temperature' },
	{ value: 'fridge', name: 'in a fridge' },
	{ value: 'freezer', name: 'frozen' },
	{ value: 'warm', name: 'somewhere warm, such as an attic or a car' }
];

/**
 * How fresh a batch is.
 *
 * @param now ms since 1970
 * @param locale the reader's
 * @returns empty where no month is known
 * @example freshnessInWords(film, { …, bestBefore: '2027-05' }, now, 'en-GB') // 'best before May 2027'
 */
export function freshnessInWords(film: Film, batch: BatchLeft, now: number, locale: string): string {
	if (batch.bestBefore === undefined) return '';
	const month = monthInWords(batch.bestBefore, locale);
	const aged = agedBatch(film, batch, now);
	if (!aged) return `best before ${month}`;
	const slower = aged.stops > -1 / 6 ? 'hardly slower' : `about ${stopsInWords(-aged.stops)} slower`;
	return `best before ${month}: ${slower} by now, give or take ${formatDoubt(aged.sd)} stop`;
}
