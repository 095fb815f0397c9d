/** The smallest set of things with which everything is covered. */

/** Things that are needed together, by their numbers. */
export type Needs = readonly number[];

/** Equally small sets that are compared, at most. */
const MOST_TIES = 2000;

class Search {
	readonly found: Set<number>[] = [];
	/** Sets that were searched, with what was left to add. */
	#searched = new Map<string, number>();

	constructor(readonly groups: readonly (readonly Needs[])[]) {}

	/** Completes a set with so many things at most; keeps every one that covers everything. */
	from(set: ReadonlySet<number>, left: number): void {
		if (this.found.length >= MOST_TIES) return;
		const key = [...set].sort((a, b) => a - b).join(' ');
		if ((this.#searched.get(key) ?? -1) >= left) return;
		this.#searched.set(key, left);
		const open = this.#hardest(set, left);
		if (open === 'covered') {
			this.found.push(new Set(set));
			return;
		}
		for (const missing of open) this.from(new Set([...set, ...missing]), left - missing.length);
	}

	/** What each way lacks that is still within reach, for the group that has the fewest of them. */
	#hardest(set: ReadonlySet<number>, left: number): 'covered' | Needs[] {
		let hardest: Needs[] | undefined;
		for (const group of this.groups) {
			const lacks = new Map<string, Needs>();
			let done = false;
			for (const needs of group) {
				const missing = needs.filter((thing) => !set.has(thing));
				done ||= missing.length === 0;
				if (done) break;
				if (missing.length <= left) lacks.set(missing.join(' '), missing);
			}
			if (done) continue;
			if (lacks.size === 0) return [];
			if (!hardest || lacks.size < hardest.length) hardest = [...lacks.values()];
		}
		return hardest?.sort((a, b) => a.length - b.length) ?? 'covered';
	}
}

/**
 * The smallest sets of things that hold, for each group, everything that one of its ways needs: exact,
 * by trying ever larger sizes, and for each the ways of the group that leaves the least choice.
 *
 * @param groups at least one way in each
 * @returns all sets of the least size, or the first 2000 of them
 * @example smallestCovers([[[1, 2], [3]], [[3, 4]]]) // [Set { 3, 4 }]
 */
export function smallestCovers(groups: readonly (readonly Needs[])[]): Set<number>[] {
	const most = new Set(groups.flat(2)).size;
	for (let size = 0; size <= most; size++) {
		const search = new Search(groups);
		search.from(new Set(), size);
		if (search.found.length > 0) return search.found;
	}
	return [];
}
