import { measures, type DateOrder } from '../core/units';

/** Languages that dates are written in where a reader asks for none. */
export const USUAL_LOCALE = 'en-GB';

const moment = {
	day: 'numeric',
	month: 'short',
	year: 'numeric',
	hour: '2-digit',
	minute: '2-digit'
} as const;

type Parts = Intl.DateTimeFormatOptions;

const MINUTE = 60_000;

/** By how much the clock was before UTC that an instant was said by, ms; null where it says none. */
function saidOffset(at: string): number | null {
	const [, sign, hours, minutes] = /([+-])(\d\d):?(\d\d)$/.exec(at) ?? [];
	return sign ? Number(`${sign}1`) * (Number(hours) * 60 + Number(minutes)) * MINUTE : null;
}

const formats = new Map<string, Intl.DateTimeFormat>();

/** A format is dear to make and is used for every line of a list. */
function formatOf(locale: string, parts: Parts): Intl.DateTimeFormat {
	const key = JSON.stringify([locale, parts]);
	const known = formats.get(key) ?? new Intl.DateTimeFormat(locale, parts);
	formats.set(key, known);
	return known;
}

type Shown = Partial<Record<Intl.DateTimeFormatPartTypes, string>>;

/** A date in the order that the reader has chosen, and the time of day behind it. */
const inOrder: Readonly<Record<DateOrder, (shown: Shown) => string>> = {
	dmy: ({ day, month, year }) => [day, month, year].filter(Boolean).join(' '),
	mdy: ({ day, month, year }) =>
		[[month, day].filter(Boolean).join(' '), year].filter(Boolean).join(day ? ', ' : ' '),
	ymd: ({ day, month, year }) => [year, month, day].filter(Boolean).join(' ')
};

function ordered(format: Intl.DateTimeFormat, at: number, order: DateOrder): string {
	const shown = Object.fromEntries(format.formatToParts(at).map(({ type, value }) => [type, value])) as Shown;
	const { hour, minute, dayPeriod } = shown;
	const time = hour && minute ? `${hour}:${minute}${dayPeriod ? ` ${dayPeriod.toLowerCase()}` : ''}` : '';
	return [inOrder[order](shown), time].filter(Boolean).join(', ');
}

/**
 * Parts of an instant as the reader writes them: by a zone's clock, else by the offset that was said, or by the reader's
 * clock where that is none.
 *
 * @param at ISO 8601 with its offset
 * @param locale the reader's
 * @example asWritten('2026-05-02T14:02:00Z', { day: 'numeric', month: 'short' }, 'en-GB', 'UTC') // '2 May'
 */
export function asWritten(at: string, parts: Parts, locale: string, ofPlace?: string): string {
	const instant = Date.parse(at);
	const { clock, dates, zone: whose } = measures();
	const zone = whose === 'mine' ? zoneHere() : ofPlace;
	const offset = zone ? null : saidOffset(at);
	// Not every browser knows a zone that is only an offset: its clock is the one of UTC, moved by it.
	const [shown, timeZone] = offset === null ? [instant, zone] : [instant + offset, 'UTC'];
	const hours: Parts = clock && parts.hour ? { hour12: clock === '12' } : {};
	const format = formatOf(locale, { ...parts, ...hours, timeZone });
	return dates ? ordered(format, shown, dates) : format.format(shown);
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
	return asWritten(at, moment, locale, zone);
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
	return asWritten(at, { day: 'numeric', month: 'short', year: 'numeric' }, locale, zone);
}

/**
 * In which month something was, by the calendar of where it was; with its year where that is not this one.
 *
 * @param at ISO 8601 with its offset
 * @param now ms, by the same calendar
 * @param zone as of `momentInWords`
 * @example monthOfMoment('2025-05-02T22:30:00Z', Date.UTC(2026, 1), { zone: 'UTC' }) // 'May 2025'
 */
export function monthOfMoment(
	at: string,
	now: number,
	{ zone, locale = USUAL_LOCALE }: { zone?: string; locale?: string } = {}
): string {
	const thisYear =
		asWritten(at, { year: 'numeric' }, locale, zone) ===
		asWritten(new Date(now).toISOString(), { year: 'numeric' }, locale, zone);
	return asWritten(at, { month: 'long', ...(!thisYear && { year: 'numeric' }) }, locale, zone);
}

/**
 * A month of the calendar.
 *
 * @param month such as 2027-05
 * @param locale the reader's
 * @example monthInWords('2027-05') // 'May 2027'
 */
export const monthInWords = (month: string, locale: string = USUAL_LOCALE): string =>
	asWritten(`${month}-15T12:00:00Z`, { month: 'long', year: 'numeric' }, locale, 'UTC');

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
export const zoneHere = (): string => Intl.DateTimeFormat().resolvedOptions().timeZone;

const day = new Intl.DateTimeFormat(USUAL_LOCALE, {
	weekday: 'long',
	day: 'numeric',
	month: 'long',
	year: 'numeric',
	timeZone: 'UTC'
});

/** A date of a calendar, wherever it is. */
export const dateInWords = (date: string): string => day.format(new Date(`${date}T00:00:00Z`));
