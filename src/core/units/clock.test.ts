import { afterEach, describe, expect, it } from 'vitest';
import { formatClock, formatHour } from './clock';
import { measureBy, METRIC, type Measures } from './measures';
import { formatMoney } from './money';

const reads = (change: Partial<Measures>) => measureBy(() => ({ ...METRIC, ...change }));
afterEach(() => reads({}));

describe('a time of day', () => {
	it('stays as it is on a clock of 24 hours', () => {
		expect(['00:00', '09:05', '13:30'].map(formatClock)).toEqual(['00:00', '09:05', '13:30']);
		expect([0, 9, 15].map(formatHour)).toEqual(['00', '09', '15']);
	});
	// Source: common practice: noon is 12 pm, midnight 12 am; as ICU's English writes them.
	it('has its half of the day on a clock of 12', () => {
		reads({ clock: '12' });
		expect(['00:00', '00:30', '09:05', '12:00', '13:30', '23:59'].map(formatClock)).toEqual([
			'12:00 am',
			'12:30 am',
			'9:05 am',
			'12:00 pm',
			'1:30 pm',
			'11:59 pm'
		]);
		expect([0, 9, 12, 15].map(formatHour)).toEqual(['12 am', '9 am', '12 pm', '3 pm']);
	});
	it('agrees with the platform at every minute', () => {
		reads({ clock: '12' });
		const platform = new Intl.DateTimeFormat('en-GB-u-hc-h12', {
			hour: 'numeric',
			minute: '2-digit',
			timeZone: 'UTC'
		});
		for (let minute = 0; minute < 24 * 60; minute += 7) {
			const at = new Date(minute * 60_000);
			expect(formatClock(at.toISOString().slice(11, 16))).toBe(platform.format(at).replace('\u202f', ' '));
		}
	});
});

describe('what something costs', () => {
	it('is in the reader’s currency where one was chosen', () => {
		expect(formatMoney(2.667, 'en-GB')).toBe('2.67');
		reads({ currency: 'EUR' });
		expect(formatMoney(2.667, 'en-GB')).toBe('€2.67');
		expect(formatMoney(1200, 'de')).toBe('1.200,00\u00a0€');
		reads({ currency: 'JPY' });
		expect(formatMoney(500, 'en-GB')).toBe('JP¥500');
	});
});
