/** A piece of time in which something stays the same. */
export interface Piece<T> {
	/** ms */
	from: number;
	to: number;
	/** As it is at both ends. */
	first: T;
	last: T;
}

/** Edges are found to this, ms: well under a minute. */
const EXACT = 1000;

/**
 * Cuts a stretch of time where something changes: looked at in steps, and between two that differ by
 * halving, on both sides of a middle that differs from both.
 *
 * @param step ms; what comes and goes within one step, and is the same at its two ends, is not seen
 * @param stateAt what is there at an instant
 * @param keyOf what must be the same within a piece
 * @returns pieces that touch, in order
 * @example changesIn(0, 10_000, 5_000, (at) => at < 3000, String).length // 2
 */
export function changesIn<T>(
	from: number,
	to: number,
	step: number,
	stateAt: (instant: number) => T,
	keyOf: (state: T) => string
): Piece<T>[] {
	const pieces: Piece<T>[] = [];
	let open: Piece<T> = { from, to: from, first: stateAt(from), last: stateAt(from) };

	/** Walks from where a state is known to where another one is. */
	function walk(here: number, state: T, there: number, next: T): void {
		if (keyOf(state) === keyOf(next)) return;
		if (there - here <= EXACT) {
			pieces.push({ ...open, to: there, last: state });
			open = { from: there, to: there, first: next, last: next };
			return;
		}
		const middle = Math.round((here + there) / 2);
		const between = stateAt(middle);
		walk(here, state, middle, between);
		walk(middle, between, there, next);
	}

	let [here, state] = [from, open.first];
	while (here < to) {
		const there = Math.min(to, here + step);
		const next = stateAt(there);
		walk(here, state, there, next);
		[here, state] = [there, next];
	}
	pieces.push({ ...open, to, last: state });
	return pieces;
}
