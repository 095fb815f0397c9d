import { agedBatch, isDevelopedLater, type Aged, type BatchLeft, type Film } from '$core/film';
import type { LoadRecord } from '$contract/records';

/** A loss that is worth counting on, stops. */
const WORTH = 1 / 6;
const rounded = (value: number) => Number(value.toFixed(2));

/** What age has done to a batch, where that is worth counting on. */
export function ageOf(film: Film, batch: BatchLeft | null, now: number): Aged | null {
	const aged = batch && agedBatch(film, batch, now);
	return aged && aged.stops <= -WORTH ? { stops: rounded(aged.stops), sd: rounded(aged.sd) } : null;
}

/**
 * What a load takes from the packs or rolls that it is of: its price, where nothing more is paid for developing
 * it, and what age has done to its speed, where the film itself doesn’t say so.
 *
 * @param batch null: nobody counts them
 * @param now ms since 1970
 */
export function ofBatch(
	film: Film,
	batch: BatchLeft | null,
	now: number
): Pick<LoadRecord, 'price' | 'aged'> {
	const saysItself = film.speedSd !== undefined || film.processStops !== undefined;
	return {
		price: batch && !isDevelopedLater(film) ? batch.price : undefined,
		aged: (!saysItself && ageOf(film, batch, now)) || undefined
	};
}
