import type { Filter } from '$core/camera';
import { stopsInWords } from '$core/units';
import type { GearRecord } from '$contract/records';

/** Grey filters that are made, stops; common practice. */
const GREYS = [1, 2, 3];

/** A filter that may be tried at the desk: of the bag, or one to buy. */
export interface FilterToTry {
	id: string;
	filter: Filter & { id?: string };
}

/** Filters of the bag, and the greys beside them that could be bought. */
export function filtersToTry(gear: readonly (GearRecord & { id: string })[]): FilterToTry[] {
	const own = gear.flatMap((piece) => (piece.type === 'filter' && piece.kind !== 'close-up' ? [piece] : []));
	const bought = GREYS.filter(
		(stops) => !own.some((each) => (each.kind ?? 'neutral') === 'neutral' && each.stops === stops)
	).map((stops) => ({ name: `an ND of ${stopsInWords(stops)}`, stops }));
	return [
		...own.map((filter) => ({ id: filter.id, filter })),
		...bought.map((filter) => ({ id: `grey ${filter.stops}`, filter }))
	];
}
