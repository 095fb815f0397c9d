import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { draws } from '../../../tests/fixtures/few';
import { real } from '../../../tests/fixtures/arbitraries';
import { filmOf, fixedCamera, losesNothing } from '../../../tests/fixtures/bag';
import type { Camera, EyeResponse } from '../camera';
import { clickedBy, resolveLight } from '../light';
import { expectedOf, match, outcomeAt, reach } from '.';

/** A camera of f/8 from 1/512 s to 1 s, whose cell leans about EV 12. */
const leaning = (response: EyeResponse | undefined, scatter = 0): Camera =>
	fixedCamera({
		aperture: { kind: 'fixed', f: 8 },
		shutter: { kind: 'range', fastest: 1 / 512, slowest: 1 },
		exposure: { mode: 'auto', sets: 'time', iso: [100], scatter, ...(response && { response }) },
		offset: { stops: 0, sd: 0 }
	});
const film = filmOf('reversal', 100, losesNothing);
const about = 12;

describe('a cell that leans', () => {
	it('gives less in dim light by (1 − slope) for each stop, and says so', () => {
		// By hand: four stops dimmer than EV 12 a slope of 0.9 asks for 0.4 of a stop less time than is right.
		const { best } = match(leaning({ slope: 0.9, sd: 0, about }), film, { ev: 8, sd: 0 });
		expect(best.error).toBeCloseTo(-0.4, 9);
		expect(best.why).toEqual({ lean: expect.closeTo(-0.4, 9) });
		expect(best.clamped).toBeNull();
		// The right time at f/8 and EV 8 is 1/4 s; 2^−0.4 of it.
		expect(best.seconds).toBeCloseTo(2 ** -2.4, 9);
	});

	it('is right where it was right, and an even one everywhere', () => {
		const at = (response: EyeResponse | undefined, ev: number) =>
			match(leaning(response), film, { ev, sd: 0 }).best.error;
		expect(at({ slope: 0.8, sd: 0.1, about }, 12)).toBeCloseTo(0, 9);
		for (const ev of [7, 10, 14])
			expect(at({ slope: 1, sd: 0, about }, ev)).toBeCloseTo(at(undefined, ev), 9);
	});

	it('does so by the light on the cell, behind what covers it', () => {
		// By hand: four stops over the cell at EV 12 make it EV 8 there: 0.4 of a stop less; the lens has lost four, the eye gives them.
		const filters = [{ name: 'ND', stops: 4, overMeter: true }];
		const { best } = match(leaning({ slope: 0.9, sd: 0, about }), film, { ev: 12, sd: 0 }, {}, { filters });
		expect(best.error).toBeCloseTo(-0.4, 9);
	});

	it('puts its doubt where the light is far from what it was right in', () => {
		// By hand: a slope that is known to 0.05 is worth 0.25 of a stop five stops away, and nothing where it is right.
		const camera = leaning({ slope: 1, sd: 0.05, about });
		const sdAt = (ev: number) => {
			const made = { f: 8, seconds: 1 / 60, compensation: null, iso: 100, position: null };
			return expectedOf(camera, { ...film, speedSd: 0 }, { ev, sd: 0 }, {}, made).sd;
		};
		expect(sdAt(12)).toBeCloseTo(0, 6);
		expect(sdAt(7)).toBeCloseTo(0.25, 6);
	});

	// By hand, slope 1.2 about EV 12: below EV 7 its slowest time holds it, between EV 7 and 14.5 the error is −0.2·(EV − 12),
	// above it the fastest holds it. Good to ⅓ stop it is in three stretches, each end from one straight line.
	it('has every stretch of light in which it is right, also where it asks for too much', () => {
		const third = 1 / 3;
		const { good } = reach(leaning({ slope: 1.2, sd: 0, about }), film);
		const expected = [
			[6 - third, 6 + third],
			[12 - third / 0.2, 12 + third / 0.2],
			[15 - third, 15 + third]
		];
		expect(good.flat()).toEqual(expected.flat().map((ev) => expect.closeTo(ev, 9)));
	});

	// An eye of its own arithmetic, drawn many times: light in doubt, the slope in doubt, scatter, and the limits.
	it('has the chances that brute force finds', () => {
		let seed = 7;
		const uniform = () => (seed = (seed * 16807) % 2147483647) / 2147483647;
		const normal = () => Math.sqrt(-2 * Math.log(uniform())) * Math.cos(2 * Math.PI * uniform());
		for (const [ev, slope, sd] of [
			[6.5, 0.8, 0.03],
			[9, 0.85, 0.05],
			[14.5, 1.15, 0.02]
		]) {
			const camera = leaning({ slope, sd, about }, 0.3);
			const { best } = match(camera, { ...film, speedSd: 0 }, { ev, sd: 0.5 });
			const count = 40_000;
			let good = 0;
			for (let at = 0; at < count; at++) {
				const light = ev + 0.5 * normal();
				// Its doubt counts by where the light is expected.
				const asked = about + slope * (light - about) + sd * (ev - about) * normal() + 0.3 * normal();
				const error = light - Math.min(15, Math.max(6, asked));
				if (Math.abs(error) <= 1 / 3) good++;
			}
			expect(Math.abs(best.chances.good - good / count), `${ev} ${slope}`).toBeLessThan(0.012);
		}
	});

	it('is turned round by its own line where its clicks tell the light', () => {
		fc.assert(
			fc.property(real(0.7, 1.2), real(8, 13), real(8, 15), (slope, ev, right) => {
				const camera = leaning({ slope, sd: 0, about: right });
				const made = { f: 8, seconds: 1, compensation: null, iso: 100, position: null };
				const { seconds, clamped } = outcomeAt(camera, film, { ev, sd: 0 }, {}, made);
				const { reading, limit } = clickedBy(camera, seconds, 0, {})!;
				if (clamped || limit) return;
				expect(resolveLight(reading).ev).toBeCloseTo(ev, 6);
			}),
			{ numRuns: draws(100) }
		);
	});
});
