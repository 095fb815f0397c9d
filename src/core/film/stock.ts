import { agedSpeed, type Aged, type Storage } from './expired';
import { factsOf } from './type-facts';
import type { Film, FilmType } from './types';

/** Packs or rolls of a film that were bought together. */
export interface Batch {
	packs: number;
	/** When they were counted: what is loaded later is taken off. ISO 8601 with offset. */
	countedAt: string;
	/** Of a pack or roll, in the person's own money. */
	price?: number;
	/** The month on the box, 2027-05. */
	bestBefore?: string;
	/** Absent: at room temperature. */
	storage?: Storage;
}

/** A batch, and how many of it are left. */
export type BatchLeft = Batch & { left: number };

const YEAR = 365.25 * 86_400_000;
/** Behind every month that is on a box. */
const NEVER = '9999-12';

/**
 * What is left of some batches: each load takes one of those that were there, of what is best before the soonest.
 *
 * @param loadedAt when the film was loaded, in any order; ISO 8601 with offset
 * @returns what is to be used first comes first
 * @example stockLeft([{ packs: 3, countedAt: '2026-05-01T10:00:00Z' }], ['2026-05-02T10:00:00Z'])[0].left // 2
 */
export function stockLeft(batches: readonly Batch[], loadedAt: readonly string[]): BatchLeft[] {
	const sorted = batches
		.map((batch) => ({ ...batch, left: batch.packs }))
		.sort((a, b) => {
			const [one, other] = [a.bestBefore ?? NEVER, b.bestBefore ?? NEVER];
			return one < other ? -1 : one > other ? 1 : Date.parse(a.countedAt) - Date.parse(b.countedAt);
		});
	for (const at of loadedAt.map((each) => Date.parse(each)).sort((a, b) => a - b)) {
		const taken = sorted.find(({ left, countedAt }) => left > 0 && Date.parse(countedAt) <= at);
		if (taken) taken.left -= 1;
	}
	return sorted;
}

/**
 * Packs that are left in all.
 *
 * @example packsLeft(stockLeft(batches, [])) // 5
 */
export const packsLeft = (batches: readonly BatchLeft[]): number =>
	batches.reduce((sum, { left }) => sum + left, 0);

/**
 * The batch that the next load is of.
 *
 * @param batches as `stockLeft` gives them
 * @returns null where none is left
 */
export const nextBatch = (batches: readonly BatchLeft[]): BatchLeft | null =>
	batches.find(({ left }) => left > 0) ?? null;

/**
 * What has become of a batch's speed since the month on its box.
 *
 * @param now ms since 1970
 * @returns null until that month is over, and where none is known
 * @example agedBatch(a colour film, { …, bestBefore: '2016-05' }, Date.parse('2026-06-01'))?.stops // -1
 */
export function agedBatch(film: Film, { bestBefore, storage = 'room' }: Batch, now: number): Aged | null {
	if (bestBefore === undefined) return null;
	const [year, month] = bestBefore.split('-').map(Number);
	const years = (now - Date.UTC(year, month, 1)) / YEAR;
	return years <= 0 ? null : agedSpeed(film, years, storage);
}

/**
 * Whether films of a type come in packs; else they come in rolls and sheets.
 *
 * @example comesInPacks('peel-apart') // true
 */
export const comesInPacks = (type: FilmType): boolean => factsOf(type).holder !== 'spool';
