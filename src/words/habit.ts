import { NO_THIRD, stopsInWords } from '../core/units';

/**
 * A camera's own habit, in words.
 *
 * @param offset stops, + = gives more than it should
 * @param teller what says otherwise: its eye, or its marks
 * @example habitInWords(-1 / 2) // '½ stop less than its eye says'
 */
export function habitInWords(offset: number, teller: 'eye says' | 'marks say' = 'eye says'): string {
	if (Math.abs(offset) < NO_THIRD) return `what its ${teller}`;
	return `${stopsInWords(offset)} ${offset > 0 ? 'more' : 'less'} than its ${teller}`;
}
