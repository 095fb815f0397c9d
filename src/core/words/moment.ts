import { DateTime } from 'luxon';

/** Languages that dates are written in where a reader asks for none. */
export const USUAL_LOCALE = 'en-GB';

const moment = {
	day: 'numeric',
	month: 'short',
	year: 'numeric',
	hour: '2-digit',
	minute: '2-digit'
} as const;

/** An instant by a zone's clock, else by the offset that was said, or by the reader's clock where that is none. */
function clockOf(at: string, zone?: string): DateTime {
	const said = at.endsWith('Z') ? DateTime.fromISO(at) : DateTime.fromISO(at, { setZone: true });
	return zone ? said.setZone(zone) : said;
}

/**
 * When something was, by the clock of where it was.
 *
 * @param at ISO 8601 with its offset
 * @param zone of where it was; else by the offset that was said, or by the reader's clock where that is none
 * @param locale the reader's, which orders the date
 * @example momentInWords('2026-05-02T22:30:00Z', { zone: 'Etc/GMT-9' }) // '3 May 2026, 07:30'
 */
export function momentInWords(
	at: string,
	{ zone, locale = USUAL_LOCALE }: { zone?: string; locale?: string } = {}
): string {
	return clockOf(at, zone).setLocale(locale).toLocaleString(moment);
}

/**
 * On which day something was, by the calendar of where it was.
 *
 * @param at ISO 8601 with its offset
 * @param zone as of `momentInWords`
 * @example dayOfMoment('2026-05-02T22:30:00Z', { zone: 'Etc/GMT-9' }) // '3 May 2026'
 */
export function dayOfMoment(
	at: string,
	{ zone, locale = USUAL_LOCALE }: { zone?: string; locale?: string } = {}
): string {
	return clockOf(at, zone)
		.setLocale(locale)
		.toLocaleString({ day: 'numeric', month: 'short', year: 'numeric' });
}

/**
 * The locale that a browser asks for first.
 *
 * @param asked its accept-language
 * @example localeOf('de-AT,de;q=0.9') // 'de-AT'
 */
export function localeOf(asked: string | null): string {
	for (const part of (asked ?? '').split(',')) {
		try {
			const [known] = Intl.DateTimeFormat.supportedLocalesOf(part.split(';')[0].trim());
			if (known) return known;
		} catch {
			// What is no language is passed over.
		}
	}
	return USUAL_LOCALE;
}

/** The zone of this device's clock. */
export const zoneHere = (): string => DateTime.local().zoneName;

const day = new Intl.DateTimeFormat(USUAL_LOCALE, {
	weekday: 'long',
	day: 'numeric',
	month: 'long',
	year: 'numeric',
	timeZone: 'UTC'
});

/** A date of a calendar, wherever it is. */
export const dateInWords = (date: string): string => day.format(new Date(`${date}T00:00:00Z`));
