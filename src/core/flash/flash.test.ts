import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { logarithmic, real } from '../../../tests/fixtures/arbitraries';
import {
	apertureFor,
	bounceLoss,
	fillAt,
	fillDistance,
	flashDistance,
	flashError,
	guideNumberFrom,
	lessGuideNumber,
	powerFor
} from '.';

describe('the law of guide numbers', () => {
	// Source: definition of guide numbers (ISO 1230 for flashbulbs, as printed on flashes): GN = f × distance.
	it.each([
		[28, 2, 14],
		[28, 3.5, 8],
		[14, 2.5, 5.6]
	])('guide number %s at %s m is f/%s', (guideNumber, distance, f) => {
		expect(apertureFor({ guideNumber, speed: 0 }, distance)).toBeCloseTo(f, 9);
	});

	// Common practice: a number printed in feet at ISO 25, the old flashbulb tables, against metres at ISO 100:
	// 1 ft = 0.3048 m, and four times the speed doubles it.
	it.each([
		[{ value: 80, unit: 'ft', iso: 100 }, 24.4],
		[{ value: 40, unit: 'ft', iso: 25 }, 24.4],
		[{ value: 20, unit: 'm', iso: 400 }, 10],
		[{ value: 14, unit: 'm', iso: 100 }, 14]
	] as const)('%o is %s m at ISO 100', (printed, metres) => {
		expect(guideNumberFrom(printed)).toBeCloseTo(metres, 1);
	});

	// Source: inverse square law by hand: half the distance needs a quarter of the power.
	it('asks for a quarter of the power at half the distance', () => {
		const setting = { guideNumber: 16, f: 8, speed: 0 };
		expect(powerFor(setting, 2)).toBe(1);
		expect(powerFor(setting, 1)).toBe(0.25);
		expect(powerFor({ ...setting, speed: 1 }, 1)).toBe(0.125);
		expect(powerFor(setting, 2, -1)).toBe(0.5);
	});

	it('agrees whichever side it is asked from', () => {
		fc.assert(
			fc.property(
				logarithmic(5, 60),
				logarithmic(2, 32),
				real(-3, 5),
				logarithmic(0.3, 20),
				(guideNumber, f, speed, distance) => {
					const power = powerFor({ guideNumber, f, speed }, distance);
					expect(flashDistance(guideNumber, f, speed, power) / distance).toBeCloseTo(1, 9);
					expect(apertureFor({ guideNumber, speed }, distance, power) / f).toBeCloseTo(1, 9);
				}
			)
		);
	});
});

describe('what stands before a flash', () => {
	it('halves the guide number by two stops', () => {
		expect(lessGuideNumber(28, 2)).toBe(14);
		expect(lessGuideNumber(28)).toBe(28);
	});

	// Common practice: a ceiling of an ordinary room costs two to three stops.
	it('costs two to three stops off an ordinary ceiling', () => {
		expect(bounceLoss(2, 1)).toBeCloseTo(2, 9);
		expect(bounceLoss(2.5, 1.8)).toBeGreaterThan(2);
		expect(bounceLoss(2.5, 1.8)).toBeLessThan(3);
	});
});

describe('fill', () => {
	// Source: light adds: two equal lights are a stop more; common practice: fill of −1 lifts the whole by ½, of −2 by ⅓.
	it.each([
		[0, 1],
		[-1, 0.585],
		[-2, 0.322]
	])('of %s stops makes both %s stops', (fill, both) => {
		const at = fillDistance(2, fill);
		expect(fillAt(0, 2, at).alone).toBeCloseTo(fill, 9);
		expect(fillAt(0, 2, at).both).toBeCloseTo(both, 3);
	});

	it('never takes light away, and less the farther it stands', () => {
		fc.assert(
			fc.property(real(-5, 5), logarithmic(0.5, 10), logarithmic(0.5, 10), (error, right, distance) => {
				const near = fillAt(error, right, distance);
				expect(near.both).toBeGreaterThan(error);
				expect(fillAt(error, right, distance * 1.1).both).toBeLessThan(near.both);
				expect(near.alone).toBe(flashError(right, distance));
			})
		);
	});
});
