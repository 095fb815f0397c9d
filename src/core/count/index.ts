/** Counting an exposure: where it stands, and what is heard when. Times in s. */

/** How an exposure is counted. */
export interface Count {
	/** Time that the shutter is to be open. */
	wanted: number;
	/** Time to get ready before it opens; 0 where it opens with the first touch. */
	countIn: number;
}

/** Where a count stands. */
export type CountState =
	/** Not open yet; so many whole seconds are left, the last of them is 1. */
	| { phase: 'count-in'; left: number }
	/** Open for so long, with so much left. */
	| { phase: 'open'; held: number; left: number }
	/** It should be closed; open for so long. */
	| { phase: 'over'; held: number };

/**
 * Where a count stands.
 *
 * @param elapsed since it was begun, s
 * @example countAt({ wanted: 5, countIn: 3 }, 4) // { phase: 'open', held: 1, left: 4 }
 */
export function countAt({ wanted, countIn }: Count, elapsed: number): CountState {
	const held = elapsed - countIn;
	if (held < 0) return { phase: 'count-in', left: Math.ceil(-held) };
	return held < wanted ? { phase: 'open', held, left: wanted - held } : { phase: 'over', held };
}

/** Something that is heard and felt. */
export interface Cue {
	/** Since the count was begun, s. */
	at: number;
	kind: 'ready' | 'open' | 'half' | 'near' | 'close';
}

/** Below this a half is too near to the ends to be told from them, s; common practice. */
const HALF_FROM = 4;
/** Seconds that are counted down at the end, where there is room for them; common practice. */
const NEAR = 3;

/**
 * What is heard when: each second of the count-in, the opening, the middle, the last three seconds of a
 * longer count, and the closing.
 *
 * @returns in order
 * @example cuesOf({ wanted: 1, countIn: 1 }).map(({ at }) => at) // [0, 1, 2]
 */
export function cuesOf({ wanted, countIn }: Count): Cue[] {
	const ready = Array.from({ length: Math.ceil(countIn) }, (_, at): Cue => ({ at, kind: 'ready' }));
	const half: Cue[] = wanted >= HALF_FROM ? [{ at: countIn + wanted / 2, kind: 'half' }] : [];
	const near = Array.from({ length: wanted > 2 * NEAR + 1 ? NEAR : 0 }, (_, at): Cue => ({
		at: countIn + wanted - NEAR + at,
		kind: 'near'
	}));
	return [...ready, { at: countIn, kind: 'open' }, ...half, ...near, { at: countIn + wanted, kind: 'close' }];
}
