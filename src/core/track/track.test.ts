import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { draws } from '../../../tests/fixtures/few';
import { metresBetween, nearestPlace, placeAt, pointsInOrder, whenAt, type TrackPoint } from '.';

const MINUTE = 60_000;
const walk = (minutes: number[], longitudes: number[]): TrackPoint[] =>
	minutes.map((minute, at) => ({ at: minute * MINUTE, latitude: 50, longitude: longitudes[at] }));

describe('distances on the earth', () => {
	// Source: one minute of latitude is a nautical mile, 1852 m; the ellipsoid makes up to 0.6 % of difference.
	it('are a nautical mile for a minute of latitude', () => {
		const metres = metresBetween({ latitude: 45, longitude: 7 }, { latitude: 45 + 1 / 60, longitude: 7 });
		expect(metres / 1852).toBeCloseTo(1, 2);
	});

	// Source: Vincenty, Direct and inverse solutions of geodesics, 1975: Flinders Peak to Buninyong, 54 972.271 m.
	it('are those of a geodesist, but for the earth being no ball', () => {
		const peak = { latitude: -(37 + 57 / 60 + 3.7203 / 3600), longitude: 144 + 25 / 60 + 29.5244 / 3600 };
		const other = { latitude: -(37 + 39 / 60 + 10.1561 / 3600), longitude: 143 + 55 / 60 + 35.3839 / 3600 };
		expect(metresBetween(peak, other) / 54_972.271).toBeCloseTo(1, 2);
	});

	it('are the short way over the date line', () => {
		const [west, east] = [
			{ latitude: 0, longitude: 179.9 },
			{ latitude: 0, longitude: -179.9 }
		];
		expect(metresBetween(west, east)).toBeCloseTo(
			metresBetween({ ...west, longitude: 0 }, { ...east, longitude: 0.2 }),
			3
		);
	});
});

describe('a place on a track', () => {
	const track = walk([0, 10, 100], [0, 0.01, 0.02]);

	it('is between the points around a time, surest where they are', () => {
		const middle = placeAt(track, 5 * MINUTE)!;
		expect(middle.longitude).toBeCloseTo(0.005, 6);
		expect(middle.sd).toBeGreaterThan(100);
		const at = placeAt(track, 10 * MINUTE)!;
		expect(at.longitude).toBeCloseTo(0.01, 9);
		expect(at.sd).toBe(5);
		const over = walk([0, 10], [179.9, -179.9]);
		expect(Math.abs(placeAt(over, 5 * MINUTE)!.longitude)).toBeCloseTo(180, 6);
	});

	it('is near an end for five minutes, and nowhere in a long silence', () => {
		expect(placeAt(track, -4 * MINUTE)).toMatchObject({ longitude: 0 });
		expect(placeAt(track, 104 * MINUTE)!.sd).toBeGreaterThan(200);
		expect(placeAt(track, -6 * MINUTE)).toBeNull();
		expect(placeAt(track, 50 * MINUTE)).toBeNull();
		expect(placeAt(track, 13 * MINUTE)).toMatchObject({ longitude: 0.01 });
		expect(placeAt([], 0)).toBeNull();
	});

	it('is that of a walker within twice its doubt, nearly always', () => {
		// A walker who turns at random each minute, recorded every few minutes.
		let [inside, all] = [0, 0];
		fc.assert(
			fc.property(
				fc.array(fc.double({ min: 0, max: 2 * Math.PI, noNaN: true }), { minLength: 60, maxLength: 60 }),
				fc.integer({ min: 1, max: 6 }),
				(turns, every) => {
					let here = { latitude: 50, longitude: 7 };
					const way = turns.map((to, minute) => {
						const metres = 1.3 * 60;
						here = {
							latitude: here.latitude + (metres * Math.cos(to)) / 111_195,
							longitude:
								here.longitude +
								(metres * Math.sin(to)) / (111_195 * Math.cos(here.latitude * (Math.PI / 180)))
						};
						return { at: minute * MINUTE, ...here };
					});
					const recorded = way.filter((_, minute) => minute % every === 0);
					for (const { at, ...there } of way) {
						const found = placeAt(recorded, at);
						if (!found) continue;
						all += 1;
						if (metresBetween(found, there) <= 2 * found.sd) inside += 1;
					}
				}
			),
			{ numRuns: draws(100) }
		);
		expect(all).toBeGreaterThan(50 * draws(100));
		expect(inside / all).toBeGreaterThan(0.9);
	});
});

describe('a clock that was wrong', () => {
	const track = walk([0, 10, 20, 30], [0, 0.01, 0.02, 0.03]);

	it('is found out by a place that is known', () => {
		expect(whenAt(track, { latitude: 50, longitude: 0.02 }, 80 * MINUTE)).toBe(20 * MINUTE);
		expect(whenAt(track, { latitude: 50, longitude: 0.015 }, 0)! / MINUTE).toBeCloseTo(15, 0);
		expect(whenAt(track, { latitude: 51, longitude: 0.02 }, 0)).toBeNull();
	});

	it('is the nearer of two times at the same place', () => {
		const back = walk([0, 10, 20], [0, 0.01, 0]);
		const there = { latitude: 50, longitude: 0 };
		expect(whenAt(back, there, 3 * MINUTE)).toBe(0);
		expect(whenAt(back, there, 17 * MINUTE)).toBe(20 * MINUTE);
	});
});

it('points come in order, each time once; a place has the name of one nearby', () => {
	const [late, early] = walk([5, 1], [1, 2]);
	expect(pointsInOrder([late, early, late])).toEqual([early, late]);
	const quay = { name: 'Quay', latitude: 50, longitude: 7 };
	expect(
		nearestPlace([{ ...quay, name: 'Far', longitude: 8 }, quay], { latitude: 50.001, longitude: 7 })
	).toBe(quay);
	expect(nearestPlace([quay], { latitude: 50.01, longitude: 7 })).toBeNull();
	expect(nearestPlace([], quay)).toBeNull();
});
