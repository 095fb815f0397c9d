import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { logarithmic, real } from '../../../tests/fixtures/arbitraries';
import { filmOf, fixedCamera, losesNothing } from '../../../tests/fixtures/bag';
import type { Film } from '../film';
import {
	bareOf,
	bareTime,
	countableStack,
	evAt,
	fallOf,
	filmTrails,
	heldBehind,
	nextFrames,
	stacks,
	stopsFor,
	tooDark,
	trailLength,
	trailTime
} from '.';

const steady: Film = {
	...filmOf('reversal', 100, losesNothing),
	latitude: { good: [-1 / 3, 1 / 3], usable: [-1, 1] }
};
const losing: Film = { ...steady, reciprocity: { from: 1, exponent: 1.31 } };
const nd = (name: string, stops: number) => ({ name, stops, kind: 'neutral' as const });
const filters = [nd('ND 0.3', 1), nd('ND 0.6', 2), nd('ND 0.9', 3)];

describe('a time that can be counted', () => {
	// Source: exposure equation (ISO 2720) by hand: EV 3 at ISO 100 and f/8 is 64 / 8 = 8 s.
	it('follows from light and aperture', () => {
		expect(bareTime(fixedCamera({ offset: { stops: 0, sd: 0.1 } }), steady, 3, 8)).toBeCloseTo(8, 9);
	});

	// Source: Schwarzschild's law by hand: 0.5 s behind 3 stops is 4 s metered, and 4^1.31 = 6.15 s to hold.
	it('is longer by the filter and by what the film loses', () => {
		expect(heldBehind(steady, 0.5, 3)).toBe(4);
		expect(heldBehind(losing, 0.5, 3)).toBeCloseTo(6.15, 2);
	});

	it('goes from a wanted time to a filter and back within a third of a stop', () => {
		fc.assert(
			fc.property(
				logarithmic(0.05, 20),
				logarithmic(0.5, 600),
				fc.constantFrom(steady, losing),
				(metered, wanted, film) => {
					const filter = Math.round(stopsFor(film, metered, wanted) * 3) / 3;
					const back = heldBehind(film, metered, filter);
					expect(Math.abs(Math.log2(back / wanted))).toBeLessThanOrEqual(1 / 3);
					expect(heldBehind(film, metered, stopsFor(film, metered, wanted)) / wanted).toBeCloseTo(1, 9);
					expect(bareOf(film, heldBehind(film, metered, 2), 2) / metered).toBeCloseTo(1, 9);
				}
			)
		);
	});

	it('comes from one filter of the bag where one is enough, and from a stack where not', () => {
		expect(countableStack(steady, 0.5, filters)?.filters.map(({ name }) => name)).toEqual(['ND 0.6']);
		const two = countableStack(steady, 0.1, filters);
		expect(two?.filters.length).toBe(2);
		expect(two?.seconds).toBeCloseTo(3.2, 9);
		expect(countableStack(steady, 4, filters)).toBeNull();
		expect(countableStack(steady, 0.001, filters)).toBeNull();
	});

	it('lists every stack once, shortest first', () => {
		const all = stacks(steady, 0.5, filters);
		expect(all.map(({ stops }) => stops)).toEqual([0, 1, 2, 3, 4, 5, 6]);
		expect(all[3].filters.map(({ name }) => name)).toEqual(['ND 0.9']);
	});
});

describe('trails', () => {
	const camera = fixedCamera({ focalLength: 40, frame: { width: 36, height: 24 } });
	const moving = { speed: 1.5, distance: 10 };

	// Source: similar triangles by hand: 1.5 m/s for 6 s are 9 m, at 10 m through 40 mm 36 mm.
	it('cross the frame as geometry says', () => {
		expect(trailLength(camera, moving, 6)).toBeCloseTo(1, 9);
		expect(trailTime(camera, moving, 0.5)).toBeCloseTo(3, 9);
	});

	it('go there and back', () => {
		fc.assert(
			fc.property(logarithmic(0.1, 30), logarithmic(1, 200), real(0.05, 1), (speed, distance, part) => {
				const at = { speed, distance };
				expect(trailLength(camera, at, trailTime(camera, at, part))).toBeCloseTo(part, 9);
			})
		);
	});

	// Source: exposure equation: two stops slower is four times as long.
	it('are longer on the slower film', () => {
		const [slow, fast] = filmTrails(camera, [{ ...steady, iso: 400 }, steady], moving, 2, 8);
		expect(slow.film.iso).toBe(100);
		expect(slow.part / fast.part).toBeCloseTo(4, 9);
	});
});

describe('dusk', () => {
	const where = { latitude: 54.62, longitude: -4.21 };
	/** Just after sunset there, early in May. */
	const sunset = Date.parse('2026-05-02T20:50:00+01:00');
	const dusk = { light: { ev: 8, sd: 0.5 }, now: sunset, where };

	// Source: twilight illuminance (from memory): 450 lx at −0.8° to 3.4 lx at −6° is a factor of 132, seven stops;
	// common practice: a stop every few minutes.
	it('falls about a stop every few minutes after sunset, and hardly at noon', () => {
		const perMinute = fallOf(dusk);
		expect(1 / perMinute).toBeGreaterThan(2);
		expect(1 / perMinute).toBeLessThan(12);
		expect(Math.abs(fallOf({ ...dusk, now: Date.parse('2026-05-02T13:15:00+01:00') }))).toBeLessThan(0.01);
	});

	it('makes each of the next six frames longer', () => {
		const bulb = fixedCamera({ aperture: { kind: 'fixed', f: 8 }, bulb: true });
		const frames = nextFrames(bulb, steady, { ...dusk, light: { ev: 4, sd: 0.5 } }, 4, { handheld: false });
		expect(frames).toHaveLength(6);
		frames.slice(1).forEach((frame, at) => {
			expect(frame.ev).toBeLessThan(frames[at].ev);
			expect(frame.outcome.seconds).toBeGreaterThan(frames[at].outcome.seconds);
		});
		expect(frames[0].ev).toBe(4);
	});

	it('says when it became too dark, and when it will', () => {
		const before = tooDark(dusk, [[7, 15]])!;
		expect(before.now).toBe(false);
		expect(evAt(dusk, before.at!)).toBeCloseTo(7, 0);
		expect(before.at).toBeGreaterThan(sunset);
		const after = tooDark(dusk, [[9, 15]])!;
		expect(after.now).toBe(true);
		expect(after.at).toBeLessThan(sunset);
		expect(after.spare).toBe(-1);
		expect(tooDark(dusk, [[-Infinity, 15]])).toBeNull();
		expect(tooDark(dusk, [])).toBeNull();
	});
});
