import { DateTime } from 'luxon';
import { LANGUAGE } from './language';

/** From so many days on it is told in weeks, months, years. */
const STEPS = [
	{ from: 0, unit: 'day', days: 1 },
	{ from: 14, unit: 'week', days: 7 },
	{ from: 60, unit: 'month', days: 30.44 },
	{ from: 730, unit: 'year', days: 365.25 }
] as const;
const relative = new Intl.RelativeTimeFormat(LANGUAGE, { numeric: 'auto' });

/**
 * How long ago something was, by the days of a calendar.
 *
 * @param at ISO 8601 with its offset
 * @param now ms
 * @param zone whose calendar; else the reader's
 * @example agoInWords('2026-05-02T22:30:00Z', Date.UTC(2026, 4, 3, 6), { zone: 'UTC' }) // 'yesterday'
 */
export function agoInWords(at: string, now: number, { zone = 'local' }: { zone?: string } = {}): string {
	const [then, today] = [DateTime.fromISO(at, { zone }), DateTime.fromMillis(now, { zone })];
	const days = Math.round(today.startOf('day').diff(then.startOf('day'), 'days').days);
	const step = STEPS.findLast(({ from }) => Math.abs(days) >= from)!;
	return relative.format(-Math.round(days / step.days), step.unit);
}
