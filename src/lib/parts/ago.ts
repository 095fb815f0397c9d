const MINUTE = 60_000;
const HOUR = 60 * MINUTE;
const DAY = 24 * HOUR;
const ago = new Intl.RelativeTimeFormat('en', { numeric: 'auto' });

/**
 * How long ago something was.
 *
 * @param at ISO 8601
 * @example agoInWords(three minutes ago) // '3 minutes ago'
 */
export function agoInWords(at: string, now: number = Date.now()): string {
	const passed = now - Date.parse(at);
	if (passed < MINUTE) return 'just now';
	if (passed < HOUR) return ago.format(-Math.round(passed / MINUTE), 'minute');
	if (passed < DAY) return ago.format(-Math.round(passed / HOUR), 'hour');
	return ago.format(-Math.round(passed / DAY), 'day');
}
