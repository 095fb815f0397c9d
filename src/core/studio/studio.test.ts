import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { real } from '../../../tests/fixtures/arbitraries';
import type { LampReading } from '../light';
import { backgroundFalloff, fillUnderKey, floorMarks, floorPlan, learnLoss, sideRatio } from '.';

const lamp: LampReading = { method: 'lamp', reading: { ev: 7 }, from: 2, to: 2 };

describe('the floor', () => {
	it('is taped where the lamp begins to be good, is right, and stops being good', () => {
		const marks = floorMarks(lamp, [8, 10], [7, 12]);
		expect(marks.map(({ kind }) => kind)).toEqual([
			'nearest',
			'nearest-good',
			'middle',
			'farthest-good',
			'farthest'
		]);
		// Source: inverse square law by hand: EV 9 in the middle of good is two stops over EV 7 at 2 m.
		expect(marks[2].distance).toBeCloseTo(1, 9);
		expect(marks[4].distance).toBeCloseTo(2, 9);
		expect(marks.map(({ distance }) => distance)).toEqual(
			marks.map(({ distance }) => distance).toSorted((a, b) => a - b)
		);
	});

	it('leaves out an end beyond any light', () => {
		expect(floorMarks(lamp, [8, 10], [7, Infinity]).map(({ kind }) => kind)).not.toContain('nearest');
	});

	it('is not taped nearer than the lamp is large', () => {
		const box = { ...lamp, source: { width: 1.2, height: 1.2 } };
		const marks = floorMarks(box, [8, 10], [7, 12]);
		expect(marks.map(({ kind }) => kind)).toEqual(['farthest-good', 'farthest']);
	});

	// Source: geometry by hand.
	it('is drawn to scale', () => {
		const { key, fill, camera, background } = floorPlan({
			camera: 2,
			key: 1,
			keyAngle: 90,
			fill: 2,
			fillAngle: 45,
			background: 1.5
		});
		expect(key.x).toBeCloseTo(1, 9);
		expect(key.y).toBeCloseTo(0, 9);
		expect(fill!.x).toBeCloseTo(-Math.SQRT2, 9);
		expect(camera).toEqual({ x: 0, y: -2 });
		expect(background![0].y).toBe(1.5);
		expect(floorPlan({ camera: 2, key: 1, keyAngle: 0 }).fill).toBeNull();
	});
});

describe('background and sides', () => {
	// Source: inverse square law by hand: twice as far is two stops, 1 m behind a lamp at 1 m.
	it('falls off with the lamp near, and hardly with the lamp far', () => {
		expect(backgroundFalloff(1, 1)).toBe(2);
		expect(backgroundFalloff(4, 1)).toBeCloseTo(0.64, 2);
	});

	// Common practice: a lighting ratio of 2 : 1 is one stop, of 4 : 1 two, of 8 : 1 three, key and fill together against fill.
	it.each([
		[1, 1],
		[3, 2],
		[7, 3]
	])('a key of %s times the fill makes sides %s stops apart', (times, stops) => {
		expect(sideRatio(5 + Math.log2(times), 5)).toBeCloseTo(stops, 9);
		expect(fillUnderKey(stops)).toBeCloseTo(Math.log2(times), 9);
	});
});

describe('what a modifier takes', () => {
	// Source: weighted means by hand: ½ against √2/3.
	it('is learnt from metering it', () => {
		const once = learnLoss({ stops: 1.3, sd: 0.5, times: 0 }, 1.6);
		expect(once.stops).toBeCloseTo((1.3 / 0.25 + 1.6 / (2 / 9)) / (1 / 0.25 + 1 / (2 / 9)), 9);
		expect(once.times).toBe(1);
		expect(learnLoss(once, 1.6).sd).toBeLessThan(once.sd);
	});

	it('comes to what is metered, however often', () => {
		fc.assert(
			fc.property(real(0, 4), (truth) => {
				let known = { stops: 1.3, sd: 0.5, times: 0 };
				for (let time = 0; time < 200; time++) known = learnLoss(known, truth);
				expect(known.stops).toBeCloseTo(truth, 1);
			})
		);
	});
});
