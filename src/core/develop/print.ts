import { developingSeconds, factsOf, type Film } from '../film';
import { timeAt } from './time';
import type { TimePoint } from './types';

/**
 * How long a print that develops by itself takes: by the table on its pack, else as is usual of its type.
 *
 * @param celsius of the picture
 * @returns s; null for film that is developed later, or where the table does not reach
 * @example printSeconds({ type: 'peel-apart', times: [{ celsius: 21, seconds: 90 }] }, 21) // 90
 */
export function printSeconds(
	{ type, times = [] }: Pick<Film, 'type'> & { times?: readonly TimePoint[] },
	celsius: number
): number | null {
	const usual = developingSeconds(type, celsius);
	if (usual === null || times.length === 0) return usual;
	return timeAt(times, celsius)?.seconds ?? null;
}

/** Temperatures that are asked of a print where no table says which, °C. */
const USUAL = [5, 10, 15, 18, 21, 25, 30];

/** Temperatures to choose from: those of its table, or the usual ones. */
export const temperaturesOf = ({ times = [] }: { times?: readonly TimePoint[] }): number[] =>
	times.length > 0 ? times.map(({ celsius }) => celsius).sort((a, b) => a - b) : USUAL;

/**
 * Whether a print is pulled from its camera before it develops, and peeled when it has.
 *
 * @example isPulled({ type: 'instant' }) // false
 */
export const isPulled = ({ type }: Pick<Film, 'type'>): boolean => factsOf(type).holder === 'peel-apart-pack';
