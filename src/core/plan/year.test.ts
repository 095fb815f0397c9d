import { DateTime } from 'luxon';
import { describe, expect, it } from 'vitest';
import { cameraKind } from '../camera';
import { filmOf, fixedCamera } from '../../../tests/fixtures/bag';
import { sunlight, sunPosition } from '../light';
import { quickMatch } from '../match';
import { hoursADay, isWhole, planYear, sunTimes, sunYear, typicalSkies, type YearQuestion } from '.';

const holm = { latitude: 54.62, longitude: -4.21 };
const year = (changes: Partial<YearQuestion> = {}): YearQuestion => ({
	camera: fixedCamera({ aperture: { kind: 'fixed', f: 16 }, shutter: { kind: 'fixed', seconds: 1 / 125 } }),
	film: filmOf('colour-negative', 200),
	place: holm,
	year: 2026,
	sky: 'clear',
	subject: 'facing',
	stepMinutes: 60,
	...changes
});
const HOUR = 3_600_000;

describe('a year', () => {
	it.each(['folding-instant', 'box', 'plastic-medium-format'])(
		'counts what the match says at every hour: %s',
		(id) => {
			const { camera, film: type } = cameraKind(id)!;
			const question = year({ camera: { name: 'Any', ...camera }, film: filmOf(type, 200) });
			const { months } = planYear(question);
			// Brute force: every hour of March, by the match, on the place's own clock.
			const all = Array.from({ length: 24 }, () => ({ good: 0, usable: 0, of: 0 }));
			for (let at = Date.parse('2026-03-01T00:30:00Z'); at < Date.parse('2026-03-31T23:00:00Z'); at += HOUR) {
				const local = DateTime.fromMillis(at, { zone: 'Europe/London' });
				const { altitude } = sunPosition(at, holm.latitude, holm.longitude);
				const { ev, sd } = sunlight(altitude, 'clear', 'facing');
				const tried = [true, false].map(
					(handheld) => quickMatch(question.camera, question.film, { ev, sd }, { handheld }).best
				);
				const works = tried.find(
					({ verdict, spoilers }) => ['just-enough', 'usable'].includes(verdict) && spoilers.length === 0
				);
				const cell = all[local.hour];
				cell.of += 1;
				if (works) cell.usable += 1;
				if (works?.verdict === 'just-enough') cell.good += 1;
			}
			for (const [hour, { good, usable, of }] of all.entries()) {
				// One time in a month may fall within a few seconds of an edge.
				expect(Math.abs(months[2].hours[hour].good - good / of), `hour ${hour}`).toBeLessThanOrEqual(
					1.01 / of
				);
				expect(Math.abs(months[2].hours[hour].usable - usable / of)).toBeLessThanOrEqual(1.01 / of);
			}
		},
		20_000
	);

	it('has as many hours as a year has, and its leap day', () => {
		expect(sunYear(holm, 2026, 60).cells).toHaveLength(365 * 24);
		expect(sunYear(holm, 2028, 60).cells).toHaveLength(366 * 24);
		const february = (which: number) =>
			[...sunYear(holm, which, 60).cells].filter((cell) => cell >= 24 && cell < 48);
		expect(february(2028)).toHaveLength(29 * 24);
	});

	it('turns with the hemisphere', () => {
		const noon = (latitude: number) => {
			const { months } = planYear(year({ place: { latitude, longitude: 18.4 } }));
			return [months[5], months[11]].map(({ hours }) => hoursADay(hours, 'usable'));
		};
		const [northJune, northDecember] = noon(54);
		const [southJune, southDecember] = noon(-34);
		expect(northJune).toBeGreaterThan(northDecember);
		expect(southDecember).toBeGreaterThan(southJune);
	});

	it('has nothing in a polar night, and the sun all day in a polar summer', () => {
		const { months } = planYear(year({ place: { latitude: 78, longitude: 15 } }));
		expect(months[11].hours.every(({ usable }) => usable === 0)).toBe(true);
		// On midsummer night the sun stands over 11° there, as high as here in the afternoon.
		expect(sunTimes({ latitude: 78, longitude: 15 }, '2026-06-21').sun.down).toBeNull();
		expect(months[5].hours[0].usable).toBe(1);
	});

	it('never has less where the film forgives more, nor more that is just enough than usable', () => {
		const wide = { good: [-2, 2] as [number, number], usable: [-3, 3] as [number, number] };
		const narrow = { good: [-0.5, 0.5] as [number, number], usable: [-1, 1] as [number, number] };
		const of = (latitude: typeof wide) => planYear(year({ film: { ...filmOf('reversal', 200), latitude } }));
		const [more, less] = [of(wide), of(narrow)];
		for (const [month, { hours }] of less.months.entries()) {
			for (const [hour, share] of hours.entries()) {
				expect(more.months[month].hours[hour].usable).toBeGreaterThanOrEqual(share.usable);
				expect(share.usable).toBeGreaterThanOrEqual(share.good);
			}
		}
	});

	it('goes by the clock of the place beyond the date line', () => {
		// At 178° east noon UTC is midnight: the middle of the day must still be its own noon.
		const { months, timeZone } = planYear(year({ place: { latitude: -17.7, longitude: 178.1 } }));
		expect(timeZone).toBe('Pacific/Fiji');
		expect(months[0].hours[12].usable).toBe(1);
		expect(months[0].hours[0].usable).toBe(0);
	});
});

describe('a year, cell by cell', () => {
	const place = { latitude: 45, longitude: 7 };
	const byMinute = sunYear(place, 2026, 1);

	// Brute force: the match at every tenth of a degree of the sun's height, counted at every minute of the year.
	it.each(['full-settings', 'rings', 'instant-twin-lens'])(
		'is within 0.03 of every minute, also with many speeds: %s',
		(id) => {
			const { camera, film: type } = cameraKind(id)!;
			const question = year({
				camera: { name: 'Any', ...camera },
				film: filmOf(type, 100),
				place,
				stepMinutes: 5
			});
			const looked = Array.from({ length: 1081 }, (_, index) => {
				const { ev, sd } = sunlight(index / 10 - 18, 'clear', 'facing');
				const tried = [true, false].map(
					(handheld) => quickMatch(question.camera, question.film, { ev, sd }, { handheld }).best
				);
				return tried.find(
					({ verdict, spoilers }) => ['just-enough', 'usable'].includes(verdict) && spoilers.length === 0
				)?.verdict;
			});
			const cells = Array.from({ length: 288 }, () => ({ of: 0, good: 0, usable: 0 }));
			byMinute.cells.forEach((cell, index) => {
				const verdict = looked[Math.max(0, Math.round((byMinute.altitudes[index] + 18) * 10))];
				cells[cell].of += 1;
				if (verdict) cells[cell].usable += 1;
				if (verdict === 'just-enough') cells[cell].good += 1;
			});
			const { months } = planYear(question);
			const off = cells.map(({ of, good, usable }, cell) => {
				const hour = months[Math.floor(cell / 24)].hours[cell % 24];
				return Math.max(Math.abs(hour.good - good / of), Math.abs(hour.usable - usable / of));
			});
			expect(Math.max(...off)).toBeLessThan(0.03);
		}
	);
});

describe('a year in which the sky changes', () => {
	const twelve = <T>(each: T) => Array.from({ length: 12 }, () => each);
	const skies = { clear: 0.5, partly: 0.3, overcast: 0.2 };

	// Source: the definition of an expectation.
	it('has the hours that are to be expected over its skies', () => {
		const under = (sky: YearQuestion['sky']) => planYear(year({ sky })).months[3].hours;
		const mixed = under(twelve(skies));
		const [clear, partly, overcast] = (['clear', 'partly', 'overcast'] as const).map(under);
		for (const [hour, { good, usable }] of mixed.entries()) {
			expect(good).toBeCloseTo(
				0.5 * clear[hour].good + 0.3 * partly[hour].good + 0.2 * overcast[hour].good,
				9
			);
			const expected = 0.5 * clear[hour].usable + 0.3 * partly[hour].usable + 0.2 * overcast[hour].usable;
			expect(usable).toBeCloseTo(expected, 9);
		}
		expect(under(twelve({ clear: 0, partly: 0, overcast: 1 }))).toEqual(overcast);
	});

	it('takes each month’s own skies, and the ground into account', () => {
		const onlySummer = twelve({ clear: 0, partly: 0, overcast: 1 }).with(5, {
			clear: 1,
			partly: 0,
			overcast: 0
		});
		const { months } = planYear(year({ sky: onlySummer }));
		expect(months[5]).toEqual(planYear(year({ sky: 'clear' })).months[5]);
		expect(months[0]).toEqual(planYear(year({ sky: 'overcast' })).months[0]);
		const snow = planYear(year({ sky: 'overcast', ground: 'snow' }));
		expect(hoursADay(snow.months[5].hours, 'usable')).toBeGreaterThan(
			hoursADay(planYear(year({ sky: 'overcast' })).months[5].hours, 'usable')
		);
	});

	it('starts from what is typical of a latitude, whole months, turned with the hemisphere', () => {
		for (let latitude = -90; latitude <= 90; latitude += 3) {
			const typical = typicalSkies(latitude);
			expect(typical).toHaveLength(12);
			for (const shares of typical) {
				expect(isWhole(shares)).toBe(true);
				expect(Math.min(...Object.values(shares))).toBeGreaterThanOrEqual(0);
			}
			// June there is December here.
			if (latitude !== 0) expect(typical[6]).toEqual(typicalSkies(-latitude)[0]);
		}
		// Source: climate atlases (from memory): a summer on an inland sea is clear, a winter in the north is not.
		expect(typicalSkies(37)[6].clear).toBeGreaterThan(0.5);
		expect(typicalSkies(54)[0].overcast).toBeGreaterThan(0.5);
	});
});

describe('the sun through a year', () => {
	it.each([
		['in the north', holm],
		['under a sun that passes overhead', { latitude: 10, longitude: 40 }],
		['in the south, beyond the date line', { latitude: -78, longitude: -179.5 }]
	])('is drawn between knots as it is: %s', (_, place) => {
		const { altitudes } = sunYear(place, 2026, 5);
		const zone = sunTimes(place, '2026-01-01').timeZone;
		const start = DateTime.fromObject({ year: 2026 }, { zone }).toMillis();
		// Each 97th time falls on every part between two knots, and on every hour.
		for (let index = 0; index < altitudes.length; index += 97) {
			const { altitude } = sunPosition(start + (index + 1 / 2) * 5 * 60_000, place.latitude, place.longitude);
			// Overhead a sine says less of the height.
			const least = altitude > 85 ? 0.1 : 0.002;
			expect(Math.abs(altitudes[index] - altitude)).toBeLessThan(least);
		}
	});
});
