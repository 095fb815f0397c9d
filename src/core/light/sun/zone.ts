const [MINUTE, HOUR] = [60_000, 3_600_000];

/** The time zone of a place, by degrees, + north and + east: its IANA name. */
export type ZoneOf = (latitude: number, longitude: number) => string;

const clocks = new Map<string, Intl.DateTimeFormat>();

/** The clock of a zone: dear to make, and asked often. */
function clockOf(zone: string): Intl.DateTimeFormat {
	const clock =
		clocks.get(zone) ??
		new Intl.DateTimeFormat('en-GB', {
			timeZone: zone,
			hourCycle: 'h23',
			year: 'numeric',
			month: '2-digit',
			day: '2-digit',
			hour: '2-digit',
			minute: '2-digit'
		});
	clocks.set(zone, clock);
	return clock;
}

/** What the clock and the calendar of a place show at an instant: ready for a form. */
export function localTime(instant: number, zone: string): { date: string; time: string } {
	const shown = Object.fromEntries(
		clockOf(zone)
			.formatToParts(instant)
			.map(({ type, value }) => [type, value])
	);
	const { year, month, day, hour, minute } = shown;
	return { date: `${year.padStart(4, '0')}-${month}-${day}`, time: `${hour}:${minute}` };
}

/**
 * The clock of a place.
 *
 * @param instant ms since 1970, UTC
 * @param zone IANA name
 * @example clockAt(Date.parse('2026-07-01T12:00:00Z'), 'Etc/GMT-1') // '13:00'
 */
export const clockAt = (instant: number, zone: string): string => localTime(instant, zone).time;

/** Whole hours of a place's clock between two instants, ms since 1970. */
export function wholeHoursBetween(from: number, to: number, zone: string): number[] {
	const past = Number(clockAt(from, zone).slice(3)) * MINUTE + (((from % MINUTE) + MINUTE) % MINUTE);
	const hours: number[] = [];
	for (let at = from - past + HOUR; at <= to; at += HOUR) hours.push(at);
	return hours;
}
