import { localTime } from './zone';

const [MINUTE, DAY] = [60_000, 86_400_000];

/** By how much the clock of a zone is before UTC, ms. */
function offsetAt(instant: number, zone: string): number {
	const { date, time } = localTime(instant, zone);
	return Date.parse(`${date}T${time}Z`) - Math.floor(instant / MINUTE) * MINUTE;
}

/**
 * An instant as the clock of a place says it.
 *
 * @param instant ms since 1970, UTC
 * @param zone IANA name
 * @returns ISO 8601 with the offset
 * @example isoAt(Date.parse('2026-07-01T12:00:00Z'), 'Etc/GMT-1') // '2026-07-01T13:00:00.000+01:00'
 */
export function isoAt(instant: number, zone: string): string {
	const offset = offsetAt(instant, zone);
	const minutes = Math.abs(offset) / MINUTE;
	const two = (value: number) => String(Math.floor(value)).padStart(2, '0');
	const local = new Date(instant + offset).toISOString().slice(0, -1);
	return `${local}${offset < 0 ? '-' : '+'}${two(minutes / 60)}:${two(minutes % 60)}`;
}

/** An instant as it was found from a local time, and whether the clock change took that time away. */
export interface Found {
	/** ISO 8601 with offset. */
	at: string;
	/** The clock jumped over this time: the instant is as much later as the clock jumped. */
	skipped: boolean;
}

/**
 * The instant at which the clock of a place shows a date and a time. Where the clock shows it twice,
 * it is the first; where it jumps over it, as much later.
 *
 * @param date 2026-05-02
 * @param time 14:30, or 14:30:20
 * @param zone IANA name
 * @returns null where there is no such date or time
 * @example instantOf('2026-07-01', '13:00', 'Etc/GMT-1')?.at // '2026-07-01T13:00:00.000+01:00'
 */
export function instantOf(date: string, time: string, zone: string): Found | null {
	const wall = Date.parse(`${date}T${time}Z`);
	if (Number.isNaN(wall) || !new Date(wall).toISOString().startsWith(`${date}T${time}`)) return null;
	// A day away from it is before or after a change that is near, wherever on earth it is.
	const [before, after] = [offsetAt(wall - DAY, zone), offsetAt(wall + DAY, zone)];
	const holds = (offset: number) => offsetAt(wall - offset, zone) === offset;
	const skipped = !holds(before) && !holds(after);
	const offset = holds(before) || skipped ? before : after;
	return { at: isoAt(wall - offset, zone), skipped };
}
