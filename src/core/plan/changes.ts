/** A piece of a line in which something stays the same. */
export interface Piece<T> {
	from: number;
	to: number;
	/** As it is at both ends. */
	first: T;
	last: T;
}

/** Edges in time are found to this, ms: well under a minute. */
export const SECOND = 1000;

/**
 * Cuts a line where something changes: looked at in some places, and between two of them that differ by
 * halving, on both sides of a middle that differs from both.
 *
 * @param places in order, from the first to the last; what comes and goes between two, and is the same
 *   at both, is not seen
 * @param stateAt what is there
 * @param keyOf what must be the same within a piece
 * @param exact how near an edge is found, in the unit of the line
 * @returns pieces that touch, in order
 * @example changesAlong([0, 5, 10], (at) => at < 3, String, 0.01).length // 2
 */
export function changesAlong<T>(
	places: readonly number[],
	stateAt: (place: number) => T,
	keyOf: (state: T) => string,
	exact: number
): Piece<T>[] {
	const pieces: Piece<T>[] = [];
	const [from, to] = [places[0], places[places.length - 1]];
	const first = stateAt(from);
	let open: Piece<T> = { from, to: from, first, last: first };

	/** Walks from where a state is known to where another one is. */
	function walk(here: number, state: T, there: number, next: T): void {
		if (keyOf(state) === keyOf(next)) return;
		if (there - here <= exact) {
			pieces.push({ ...open, to: there, last: state });
			open = { from: there, to: there, first: next, last: next };
			return;
		}
		const middle = (here + there) / 2;
		const between = stateAt(middle);
		walk(here, state, middle, between);
		walk(middle, between, there, next);
	}

	let [here, state] = [from, first];
	for (const there of places.slice(1)) {
		const next = stateAt(there);
		walk(here, state, there, next);
		[here, state] = [there, next];
	}
	pieces.push({ ...open, to, last: state });
	return pieces;
}

/**
 * Cuts a stretch of time where something changes; see changesAlong.
 *
 * @param from ms
 * @param to ms
 * @param step ms between two looks
 * @returns pieces with edges to the second
 * @example changesIn(0, 10_000, 5_000, (at) => at < 3000, String).length // 2
 */
export function changesIn<T>(
	from: number,
	to: number,
	step: number,
	stateAt: (instant: number) => T,
	keyOf: (state: T) => string
): Piece<T>[] {
	const looks = Array.from({ length: Math.ceil((to - from) / step) }, (_, index) => from + index * step);
	return changesAlong([...looks, to], stateAt, keyOf, SECOND);
}
