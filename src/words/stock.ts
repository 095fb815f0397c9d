import type { Aged, BatchLeft, FilmType, Storage } from '../core/film';
import { agedBatch, comesInPacks, type Film } from '../core/film';
import { formatDoubt, stopsInWords } from '../core/units';
import { counted, listed } from './language';
import { monthInWords } from './moment';

/** What there is of films, in words. */

/** How many packs or rolls of a film are meant. */
export interface PacksOf {
	film: Pick<Film, 'name' | 'type'>;
	packs: number;
}

const packsOfInWords = ({ film, packs }: PacksOf): string =>
	`${packsInWords(film.type, packs)} of ${film.name}`;

/**
 * What an outing takes of films.
 *
 * @example outingTakesInWords([{ film: a pack film, packs: 2 }]) // '2 packs of Wrack 640'
 */
export function outingTakesInWords(takes: readonly PacksOf[]): string {
	const more = takes.filter(({ packs }) => packs > 0);
	return more.length === 0 ? 'what’s in the cameras will do' : listed(more.map(packsOfInWords));
}

/**
 * What has to be bought for what is planned.
 *
 * @param takes of each film, what all outings take together
 * @param left packs that there are; null: nobody counts them
 * @example plannedStockInWords([{ film, packs: 3, left: 1 }]) // 'For the outings to come, buy 2 packs of Wrack 640.'
 */
export function plannedStockInWords(takes: readonly (PacksOf & { left: number | null })[]): string {
	const needed = takes.filter(({ packs }) => packs > 0);
	const missing = needed.flatMap(({ film, packs, left }) =>
		left !== null && packs > left ? [packsOfInWords({ film, packs: packs - left })] : []
	);
	const unknown = needed.filter(({ left }) => left === null).map(({ film }) => film.name);
	const buy =
		missing.length > 0
			? `For the outings to come, buy ${listed(missing)}.`
			: unknown.length < needed.length || needed.length === 0
				? 'It will do for the outings to come.'
				: '';
	const rest = unknown.length > 0 ? `They take ${listed(unknown)}, too, which isn’t counted.` : '';
	return [buy, rest].filter(Boolean).join(' ');
}

/**
 * Packs or rolls, counted.
 *
 * @example packsInWords('instant', 2) // '2 packs'
 */
export const packsInWords = (type: FilmType, count: number): string =>
	comesInPacks(type) ? counted(count, '1 pack', '# packs') : counted(count, '1 roll', '# rolls');

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
	return `best before ${month}: ${agedInWords(aged, ' by now')}`;
}

/**
 * What age has done to a film’s speed.
 *
 * @example agedInWords({ stops: -1, sd: 0.5 }) // 'about 1 stop slower, give or take ½ stop'
 */
export const agedInWords = ({ stops, sd }: Aged, when = ''): string =>
	`${stops > -1 / 6 ? 'hardly slower' : `about ${stopsInWords(-stops)} slower`}${when}, give or take ${formatDoubt(sd)} stop`;

/**
 * The packs or rolls that the next load is of.
 *
 * @example fromStockInWords(film, { …, left: 3, bestBefore: '2027-05' }, 'en-GB')
 * // 'From stock: 3 packs, best before May 2027.'
 */
export function fromStockInWords({ type }: Film, { left, bestBefore }: BatchLeft, locale: string): string {
	const month = bestBefore === undefined ? '' : `, best before ${monthInWords(bestBefore, locale)}`;
	return `From stock: ${packsInWords(type, left)}${month}.`;
}
