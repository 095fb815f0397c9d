import tzlookup from '@photostructure/tz-lookup';
import { DateTime } from 'luxon';

/**
 * The time zone of a place.
 *
 * @param latitude degrees, + north
 * @param longitude degrees, + east
 * @returns its IANA name
 * @example zoneAt(0, 0) // 'Etc/GMT'
 */
export function zoneAt(latitude: number, longitude: number): string {
	return tzlookup(latitude, longitude);
}

/**
 * The clock of a place.
 *
 * @param instant ms since 1970, UTC
 * @param zone IANA name
 * @example clockAt(Date.parse('2026-07-01T12:00:00Z'), 'Etc/GMT-1') // '13:00'
 */
export function clockAt(instant: number, zone: string): string {
	return DateTime.fromMillis(instant, { zone }).toFormat('HH:mm');
}

/** What the clock and the calendar of a place show at an instant: ready for a form. */
export function localTime(instant: number, zone: string): { date: string; time: string } {
	const at = DateTime.fromMillis(instant, { zone });
	return { date: at.toFormat('yyyy-MM-dd'), time: at.toFormat('HH:mm') };
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
 * @param time 14:30
 * @param zone IANA name
 * @returns null where there is no such date or time
 * @example instantOf('2026-07-01', '13:00', 'Etc/GMT-1')?.at // '2026-07-01T13:00:00.000+01:00'
 */
export function instantOf(date: string, time: string, zone: string): Found | null {
	const found = DateTime.fromISO(`${date}T${time}`, { zone });
	if (!found.isValid) return null;
	const earlier = found.minus({ hours: 1 });
	const shows = (at: DateTime) => at.toFormat("yyyy-MM-dd'T'HH:mm") === `${date}T${time}`;
	const first = shows(earlier) ? earlier : found;
	return { at: first.toISO()!, skipped: !shows(found) };
}

/** Whole hours of a place's clock between two instants. */
export function wholeHoursBetween(from: number, to: number, zone: string): number[] {
	const hours: number[] = [];
	let at = DateTime.fromMillis(from, { zone }).startOf('hour').plus({ hours: 1 });
	while (at.toMillis() <= to) {
		hours.push(at.toMillis());
		at = at.plus({ hours: 1 });
	}
	return hours;
}
