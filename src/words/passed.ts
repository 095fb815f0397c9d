import { LANGUAGE } from './language';

const relative = new Intl.RelativeTimeFormat(LANGUAGE, { numeric: 'auto' });
const MINUTE = 60_000;
const HOUR = 60 * MINUTE;
const DAY = 24 * HOUR;

/**
 * How long ago something of the last hours was.
 *
 * @param at ISO 8601
 * @param now ms
 * @example passedInWords('2026-05-02T11:57:00Z', Date.UTC(2026, 4, 2, 12)) // '3 minutes ago'
 */
export function passedInWords(at: string, now: number): string {
	const passed = now - Date.parse(at);
	if (passed < MINUTE) return 'just now';
	if (passed < HOUR) return relative.format(-Math.round(passed / MINUTE), 'minute');
	if (passed < DAY) return relative.format(-Math.round(passed / HOUR), 'hour');
	return relative.format(-Math.round(passed / DAY), 'day');
}
