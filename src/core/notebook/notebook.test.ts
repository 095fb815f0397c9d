import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { draws } from '../../../tests/fixtures/few';
import { guessedColumns, possibleOrders, readRows, separatorOf, type Reading } from '.';
import {
	arePartsOfASecond,
	readAperture,
	readClock,
	readDate,
	readDegrees,
	readDistance,
	readNumber,
	readStops,
	readTime
} from './cells';

// What people write; common practice of notebooks and spreadsheets in several languages.
describe('what people write', () => {
	it.each([
		['0,008', 0.008],
		['1.234,5', 1234.5],
		['1,234.5', 1234.5],
		['−2', -2],
		['1 000', 1000],
		['x', null],
		['1.2.3', null]
	])('%s is the number %s', (text, value) => expect(readNumber(text)).toBe(value));

	it.each([
		['f/8', 8],
		['8', 8],
		['F5.6', 5.6],
		['f 5,6', 5.6],
		['ƒ/11', 11],
		['1:2,8', 2.8],
		['wide', null]
	])('%s is the aperture %s', (text, value) => expect(readAperture(text)).toBe(value));

	it.each([
		['1/125', false, 1 / 125],
		['1/125 s', false, 1 / 125],
		['"0,008"'.slice(1, -1), true, 0.008],
		['125', true, 1 / 125],
		['125', false, 125],
		['2"', true, 2],
		['2 sec', true, 2],
		['1', true, 1],
		['1/0', true, null],
		['soon', true, null]
	])('%s (parts: %s) is %s s', (text, partial, value) => expect(readTime(text, partial)).toBe(value));

	it.each([
		['3 ft', 0.9144],
		['3′', 0.9144],
		['1,2 m', 1.2],
		['90 cm', 0.9],
		['∞', Infinity],
		['4', 4],
		['far', null]
	])('%s is %s m', (text, value) => {
		if (value === null) expect(readDistance(text, false)).toBeNull();
		else expect(readDistance(text, false)).toBeCloseTo(value, 9);
	});

	it.each([
		['+1/3', 1 / 3],
		['-⅔', -2 / 3],
		['1½', 1.5],
		['-1 1/3', -4 / 3],
		['−0,7 EV', -0.7],
		['0', 0],
		['up', null]
	])('%s is %s stops', (text, value) => {
		if (value === null) expect(readStops(text)).toBeNull();
		else expect(readStops(text)).toBeCloseTo(value, 9);
	});

	it.each([
		['14:30', '14:30'],
		['2:30 pm', '14:30'],
		['12:10 AM', '00:10'],
		['14h30', '14:30'],
		['14.30 Uhr', '14:30'],
		['9 am', '09:00'],
		['25:00', null],
		['14', null]
	])('%s is %s o’clock', (text, value) => expect(readClock(text)).toBe(value));

	it('places have a sign or a letter', () => {
		expect([readDegrees('33,5° S', 'S'), readDegrees('W 70.25', 'W'), readDegrees('-4.2', 'W')]).toEqual([
			-33.5, -70.25, -4.2
		]);
	});
});

describe('dates', () => {
	it('are read in three orders, and only where the calendar has them', () => {
		expect(readDate('2026-05-02', 'ymd')).toBe('2026-05-02');
		expect(readDate('2.5.26', 'dmy')).toBe('2026-05-02');
		expect(readDate('05/02/2026', 'mdy')).toBe('2026-05-02');
		expect(readDate('30.2.2026', 'dmy')).toBeNull();
		expect(readDate('1.1.78', 'dmy')).toBe('1978-01-01');
		expect(possibleOrders(['2/5/2026', '14/5/2026'])).toEqual(['dmy']);
		expect(possibleOrders(['2/5/2026', '14/5/2026', '31/2/2026'])).toEqual(['dmy']);
		expect(possibleOrders(['soon', ''])).toEqual([]);
		expect(possibleOrders(['2/5/2026'])).toEqual(['dmy', 'mdy']);
	});

	it('any day is read back in every order, and never as another one where the order tells', () => {
		const days = fc.date({ min: new Date('1950-01-01'), max: new Date('2049-12-31'), noInvalidDate: true });
		fc.assert(
			fc.property(days, fc.constantFrom('.', '/', '-'), (day, sign) => {
				const date = day.toISOString().slice(0, 10);
				const [y, m, d] = date.split('-');
				const written = { ymd: [y, m, d], dmy: [d, m, y], mdy: [m, d, y] };
				for (const [order, parts] of Object.entries(written)) {
					const text = parts.join(sign);
					expect(readDate(text, order as 'ymd')).toBe(date);
					expect(possibleOrders([text])).toContain(order);
				}
			}),
			{ numRuns: draws(200) }
		);
	});
});

const how: Reading = { order: 'dmy', partial: true, feet: false };

describe('a table', () => {
	it('has the sign between its cells that parts all rows alike, also beside decimal commas', () => {
		expect(separatorOf('a;b\n"x;1";"0,008"')).toBe(';');
		expect(separatorOf('a,b,c\n1,2,3')).toBe(',');
		expect(separatorOf('Bild\tBlende\n1\t5,6')).toBe('\t');
		expect(separatorOf('Zeit;Blende\n0,008;5,6\n1;8')).toBe(';');
	});

	it('tells by its heads, or by what stands under them, what its columns hold', () => {
		const head = [
			'Kamera',
			'Film',
			'ISO',
			'Rolle',
			'Bild',
			'Datum',
			'Blende',
			'Belichtungszeit',
			'Motiv',
			'Ort'
		];
		expect(guessedColumns(head, [])).toEqual([
			'camera',
			'film',
			'iso',
			'roll',
			'number',
			'date',
			'aperture',
			'time',
			'subject',
			'place'
		]);
		expect(
			guessedColumns(['Camera', 'Frame #', 'When', 'f-stop', 'Shutter', 'Notes', 'Lat', 'Long'], [])
		).toEqual([...['camera', 'number', 'date', 'aperture', 'time', 'note', 'latitude', 'longitude']]);
		expect(guessedColumns(['', 'a', 'b', 'c'], [['1', '2.5.2026', 'f/8', '1/60']])).toEqual([
			null,
			'date',
			'aperture',
			'time'
		]);
		expect(arePartsOfASecond(['125', '60', '1/8', '8'])).toBe(true);
		expect(arePartsOfASecond(['0,008', '7', '9'])).toBe(false);
	});

	it('is read row by row, and says of each cell that is none of its kind which', () => {
		const columns = ['number', 'date', 'aperture', 'time', 'distance'] as const;
		const [first, second, third] = readRows(
			[
				['1', '2.5.2026', 'f/8', '125', '∞'],
				['x', '31.2.2026', 'f/8', 'B', '3 ft'],
				['3', '', 'open', '60', 'near']
			],
			columns,
			how
		);
		expect(first).toMatchObject({
			line: 2,
			number: 1,
			date: '2026-05-02',
			f: 8,
			seconds: 0.008,
			problems: []
		});
		expect(first.distance).toBeUndefined();
		expect(second).toMatchObject({ line: 3, seconds: undefined, date: null });
		expect(second.problems).toEqual(['“31.2.2026” isn’t a date', '“x” isn’t a frame’s number']);
		expect(third.problems.toSorted()).toEqual(
			['it has no date', '“near” isn’t a distance', '“open” isn’t an aperture'].toSorted()
		);
	});
});
