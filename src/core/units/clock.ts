import { measures } from './measures';

const HALF_DAY = 12;

/**
 * Writes a time of day as the reader's clocks show it.
 *
 * @param time by a clock of 24 hours, 'HH:mm'
 * @example formatClock('13:05') // '13:05', or '1:05 pm'
 */
export function formatClock(time: string): string {
	if (measures().clock !== '12') return time;
	const [hours, minutes] = time.split(':');
	const hour = Number(hours);
	return `${hour % HALF_DAY || HALF_DAY}:${minutes} ${hour < HALF_DAY ? 'am' : 'pm'}`;
}

/**
 * Writes a whole hour as short as an axis has room for.
 *
 * @param hour 0 to 23
 * @example formatHour(15) // '15', or '3 pm'
 */
export function formatHour(hour: number): string {
	if (measures().clock !== '12') return String(hour).padStart(2, '0');
	return `${hour % HALF_DAY || HALF_DAY} ${hour < HALF_DAY ? 'am' : 'pm'}`;
}
