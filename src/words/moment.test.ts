import { afterEach, describe, expect, it } from 'vitest';
import { measureBy, METRIC, type Measures } from '../core/units';
import { agoInWords } from './ago';
import { dayOfMoment, localeOf, momentInWords, monthOfMoment, zoneHere } from './moment';

/** What stands between the parts of a date is the locale's own business; spaces of any width are one. */
const plain = (text: string) => text.replace(/\s/g, ' ');

describe('a moment', () => {
	it('is that of the clock where it was, with its year', () => {
		expect(plain(momentInWords('2026-05-02T22:30:00Z', { zone: 'Etc/GMT-9' }))).toBe('3 May 2026, 07:30');
		expect(plain(momentInWords('2026-05-02T23:30:00+09:00'))).toBe('2 May 2026, 23:30');
		expect(plain(momentInWords('2026-05-02T16:00:00-05:00'))).toBe('2 May 2026, 16:00');
	});

	it('has the order of the reader', () => {
		expect(plain(momentInWords('2026-05-02T23:30:00+09:00', { locale: 'en-US' }))).toBe(
			'May 2, 2026, 11:30 PM'
		);
		expect(plain(momentInWords('2026-05-02T23:30:00+09:00', { locale: 'de' }))).toBe('2. Mai 2026, 23:30');
	});

	it('is in a month, with the year where that is another', () => {
		const now = Date.UTC(2026, 5, 1);
		expect(monthOfMoment('2026-05-02T23:30:00+09:00', now)).toBe('May');
		expect(monthOfMoment('2025-12-31T23:30:00Z', now, { zone: 'Etc/GMT-9' })).toBe('January');
		expect(plain(monthOfMoment('2025-12-31T23:30:00Z', now, { zone: 'UTC', locale: 'de' }))).toBe(
			'Dezember 2025'
		);
	});

	it('is so long ago, by the days of the calendar there', () => {
		const now = Date.UTC(2026, 4, 20, 6);
		const ago = (at: string) => agoInWords(at, now, { zone: 'UTC' });
		expect(ago('2026-05-20T01:00:00Z')).toBe('today');
		expect(ago('2026-05-19T23:30:00Z')).toBe('yesterday');
		expect(ago('2026-05-07T12:00:00Z')).toBe('13 days ago');
		expect(ago('2026-05-06T12:00:00Z')).toBe('2 weeks ago');
		expect(ago('2026-03-21T12:00:00Z')).toBe('2 months ago');
		expect(ago('2023-05-20T12:00:00Z')).toBe('3 years ago');
		expect(agoInWords('2026-05-19T23:30:00Z', now, { zone: 'Etc/GMT-9' })).toBe('today');
	});

	it('asks for the first language that is one', () => {
		expect(localeOf('de-AT,de;q=0.9,en;q=0.8')).toBe('de-AT');
		expect(localeOf('*')).toBe('en-GB');
		expect(localeOf('x;;;,,"\u0000",en-US')).toBe('en-US');
		expect(localeOf(null)).toBe('en-GB');
	});
});

describe('what a reader has chosen for dates and hours', () => {
	const at = '2026-05-02T22:30:00Z';
	const reads = (change: Partial<Measures>) => measureBy(() => ({ ...METRIC, ...change }));
	afterEach(() => reads({}));

	it('holds in every language: the order of a date, and the hours of a clock', () => {
		const zone = 'Etc/GMT-9';
		reads({ dates: 'dmy', clock: '12' });
		expect(momentInWords(at, { zone, locale: 'en-US' })).toBe('3 May 2026, 07:30 am');
		reads({ dates: 'mdy', clock: '24' });
		expect(momentInWords(at, { zone, locale: 'en-GB' })).toBe('May 3, 2026, 07:30');
		expect(dayOfMoment(at, { zone, locale: 'en-GB' })).toBe('May 3, 2026');
		reads({ dates: 'ymd' });
		expect(dayOfMoment(at, { zone, locale: 'en-GB' })).toBe('2026 May 3');
		expect(monthOfMoment('2025-05-02T22:30:00Z', Date.UTC(2026, 1), { zone: 'UTC' })).toBe('2025 May');
		reads({ clock: '24' });
		expect(momentInWords(at, { zone, locale: 'en-US' })).toBe('May 3, 2026, 07:30');
	});

	it('is the clock of the reader where that was chosen, wherever it was', () => {
		const zone = 'Etc/GMT-9';
		reads({ zone: 'mine' });
		expect(momentInWords(at, { zone })).toBe(momentInWords(at, { zone: zoneHere() }));
		reads({ zone: 'place' });
		expect(momentInWords(at, { zone })).toBe('3 May 2026, 07:30');
	});
});
