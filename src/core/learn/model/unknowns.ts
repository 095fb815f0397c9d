import type { Part } from './parts';

/** A row of the design matrix: places that are not 0, and the load, which each frame touches once. */
export interface Row {
	at: number[];
	by: number[];
	/** Place among the loads; null: none that is known. */
	load: number | null;
}

/** Everything that is asked for, with what is known of it beforehand. The middles of all are 0. */
export interface Unknowns {
	/** Doubt beforehand, stops, by place. */
	sds: number[];
	/** Places of names that were seen. */
	places: Map<string, number>;
	loads: Map<string, number>;
}

export const noUnknowns = (): Unknowns => ({ sds: [], places: new Map(), loads: new Map() });

/** A row of parts, each of which gets its place when it is first seen. */
export function addRow(unknowns: Unknowns, parts: readonly Part[], load?: string): Row {
	const { sds, places, loads } = unknowns;
	for (const { name, by, sd } of parts) {
		if (by === 0 || places.has(name)) continue;
		places.set(name, sds.length);
		sds.push(sd);
	}
	if (load !== undefined && !loads.has(load)) loads.set(load, loads.size);
	return rowOf(unknowns, parts, load);
}

/** A row of the parts that were seen. */
export function rowOf({ places, loads }: Unknowns, parts: readonly Part[], load?: string): Row {
	const known = parts.filter(({ name, by }) => by !== 0 && places.has(name));
	return {
		at: known.map(({ name }) => places.get(name)!),
		by: known.map(({ by }) => by),
		load: load === undefined ? null : (loads.get(load) ?? null)
	};
}

/** Variance of the parts that were never seen, stops². */
export const unseenVariance = ({ places }: Unknowns, parts: readonly Part[]): number =>
	parts.reduce((sum, { name, by, sd }) => sum + (places.has(name) ? 0 : (by * sd) ** 2), 0);
