import { stopsInWords } from '../units';

/** Less than half a third is what it says. */
const NOTHING = 1 / 6;

/**
 * A camera's own habit, in words.
 *
 * @param offset stops, + = gives more than it should
 * @example habitInWords(-1 / 2) // '½ stop less than its eye says'
 */
export function habitInWords(offset: number): string {
	if (Math.abs(offset) < NOTHING) return 'what its eye says';
	return `${stopsInWords(offset)} ${offset > 0 ? 'more' : 'less'} than its eye says`;
}
