import type { Filter } from '../core/camera';
import type { GearRecord } from './records';

/** The filters of the bag as the match takes them and frames keep them: without what only the bag knows. */
export function filtersOf(gear: readonly (GearRecord & { id?: string })[]): Filter[] {
	return gear.flatMap((piece) => {
		if (piece.type !== 'filter') return [];
		const { id, name, stops, kind, mired, overMeter } = piece;
		const known = Object.entries({ id, kind, mired, overMeter }).filter(([, value]) => value !== undefined);
		return [{ name, stops, ...Object.fromEntries(known) }];
	});
}
