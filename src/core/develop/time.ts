import type { TimePoint } from './types';

/** Beyond the table by more than this nobody should guess, K; common practice. */
const BEYOND = 2;
/** Doubt of a time of one's own table, as a part of it; common practice. */
const TABLE_DOUBT = 0.05;

/** A developing time with how sure it is. */
export interface Timed {
	/** s */
	seconds: number;
	/** Doubt of it, s. */
	sd: number;
	/** It lies beyond the table, near its end. */
	beyond: boolean;
}

interface Known {
	celsius: number;
	seconds: number;
	doubt: number;
}

/** A range stands as its middle, with half of it as doubt. */
function knownOf({ celsius, seconds }: TimePoint): Known {
	if (typeof seconds === 'number') return { celsius, seconds, doubt: TABLE_DOUBT };
	const [from, to] = seconds;
	const middle = (from + to) / 2;
	return { celsius, seconds: middle, doubt: Math.max(TABLE_DOUBT, (to - from) / 2 / middle) };
}

/**
 * How long to develop at a temperature: straight in the logarithm of the time between the two nearest
 * points of the person's own table, as chemistry goes (Arrhenius over so few degrees). With a single
 * point there is no slope, and only its own temperature is told.
 *
 * @param table in any order
 * @param celsius °C
 * @param factor of push, pull or agitation; 1 = as the table is
 * @returns null where the table does not reach
 * @example timeAt([{ celsius: 18, seconds: 720 }, { celsius: 22, seconds: 480 }], 20)?.seconds // 588
 */
export function timeAt(table: readonly TimePoint[], celsius: number, factor = 1): Timed | null {
	const known = table.map(knownOf).sort((a, b) => a.celsius - b.celsius);
	const told = (seconds: number, doubt: number, beyond: boolean): Timed => ({
		seconds: seconds * factor,
		sd: seconds * factor * doubt,
		beyond
	});
	const exact = known.find((point) => Math.abs(point.celsius - celsius) < 1e-9);
	if (exact) return told(exact.seconds, exact.doubt, false);
	if (known.length < 2) return null;
	const [lowest, highest] = [known[0].celsius, known[known.length - 1].celsius];
	if (celsius < lowest - BEYOND || celsius > highest + BEYOND) return null;
	const above = known.findIndex((point) => point.celsius > celsius);
	const right = above < 0 ? known.length - 1 : Math.max(1, above);
	const [a, b] = [known[right - 1], known[right]];
	const share = (celsius - a.celsius) / (b.celsius - a.celsius);
	const beyond = celsius < lowest || celsius > highest;
	const doubt = Math.max(a.doubt, b.doubt) * (beyond ? 2 : 1);
	return told(a.seconds * (b.seconds / a.seconds) ** share, doubt, beyond);
}
