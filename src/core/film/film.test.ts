import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { logarithmic, real } from '../../../tests/fixtures/arbitraries';
import { filmOf, losesNothing } from '../../../tests/fixtures/bag';
import {
	correctedTime,
	developingSeconds,
	effectiveSpeedStops,
	footage,
	latitudeOf,
	reciprocityDoubt,
	reciprocityLoss,
	speedDoubt,
	spoolSeconds,
	factsOf,
	filmTypes
} from '.';

describe('what a film forgives', () => {
	// Source: common practice, stops of error by type.
	it.each([
		['colour-negative', [-1 / 2, 2], [-1, 3]],
		['bw-negative', [-1 / 2, 3 / 2], [-1, 3]],
		['reversal', [-1 / 3, 1 / 3], [-1, 1 / 2]],
		['instant', [-1 / 3, 1 / 3], [-1, 2 / 3]],
		['peel-apart', [-1 / 3, 1 / 3], [-2 / 3, 2 / 3]]
	] as const)('%s holds %s well and %s somehow', (type, good, usable) => {
		expect(latitudeOf(filmOf(type, 100))).toEqual({ good, usable });
	});

	it('is the person’s own where they know better', () => {
		const latitude = { good: [-1, 1], usable: [-2, 2] } as const;
		expect(latitudeOf(filmOf('instant', 100, { latitude: latitude as never }))).toBe(latitude);
	});

	it('is never narrower than what is good', () => {
		for (const { good, usable } of filmTypes.map((type) => factsOf(type).latitude)) {
			expect(usable[0]).toBeLessThanOrEqual(good[0]);
			expect(usable[1]).toBeGreaterThanOrEqual(good[1]);
		}
	});
});

describe('speed', () => {
	it('is the box speed with what development and age change', () => {
		expect(effectiveSpeedStops(filmOf('instant', 400))).toBe(2);
		expect(effectiveSpeedStops(filmOf('bw-negative', 400, { processStops: -1 }))).toBe(1);
		expect(speedDoubt(filmOf('instant', 400))).toBe(0.15);
		expect(speedDoubt(filmOf('instant', 400, { speedSd: 0.7 }))).toBe(0.7);
	});
});

describe('reciprocity failure', () => {
	const film = (exponent: number) => filmOf('bw-negative', 100, { reciprocity: { from: 1, exponent } });

	// Source: Schwarzschild’s law with p = 1.31, as published in data sheets of the kind: 10 s becomes 20.4 s.
	it('stretches a metered time by its exponent', () => {
		expect(correctedTime(film(1.31), 10)).toBeCloseTo(20.4, 1);
		expect(correctedTime(film(1.31), 0.5)).toBe(0.5);
		expect(correctedTime(filmOf('bw-negative', 100, losesNothing), 10)).toBe(10);
	});

	// Source: common practice, a factor of exponent for ten seconds metered: black-and-white 1.3, colour
	// print 1.15, slide and instant 1.2, peel-apart 1.25.
	it.each([
		['bw-negative', 20],
		['colour-negative', 14.1],
		['reversal', 15.8],
		['instant', 15.8],
		['peel-apart', 17.8]
	] as const)('is typical of %s where the film does not say: 10 s become %s s', (type, seconds) => {
		expect(correctedTime(filmOf(type, 100), 10)).toBeCloseTo(seconds, 1);
	});

	// Source: the derivative of Schwarzschild’s law by hand: log2(300)·0.1/1.3² = 0.487 stop at five minutes.
	it('is in doubt by a tenth of its exponent, and not where it is said to lose nothing', () => {
		expect(reciprocityDoubt(filmOf('bw-negative', 400), 300)).toBeCloseTo(0.487, 3);
		expect(reciprocityDoubt(filmOf('bw-negative', 400), 1)).toBe(0);
		expect(reciprocityDoubt(filmOf('bw-negative', 400, losesNothing), 300)).toBe(0);
		fc.assert(
			fc.property(real(1.05, 1.6), logarithmic(1.1, 3000), (exponent, seconds) => {
				const step = 1e-5;
				const slope =
					(reciprocityLoss(film(exponent + step), seconds) -
						reciprocityLoss(film(exponent - step), seconds)) /
					(2 * step);
				expect(reciprocityDoubt(film(exponent), seconds)).toBeCloseTo(0.1 * slope, 6);
			})
		);
	});

	it('loses in speed exactly what the longer time makes up for', () => {
		fc.assert(
			fc.property(real(1, 1.6), logarithmic(0.01, 3000), (exponent, metered) => {
				const held = correctedTime(film(exponent), metered);
				expect(Math.log2(held / metered)).toBeCloseTo(reciprocityLoss(film(exponent), held), 9);
			})
		);
	});

	it('never gains, and never loses less for longer', () => {
		fc.assert(
			fc.property(real(1, 1.6), logarithmic(0.01, 3000), real(1, 4), (exponent, seconds, more) => {
				const loss = reciprocityLoss(film(exponent), seconds);
				expect(loss).toBeGreaterThanOrEqual(0);
				expect(reciprocityLoss(film(exponent), seconds * more)).toBeGreaterThanOrEqual(loss);
			})
		);
	});
});

describe('cine film', () => {
	it('of 25 feet runs 125 s a side at 16 frames a second', () => {
		// Common practice: 80 frames to the foot of regular 8 mm.
		expect(spoolSeconds({ feet: 25, sides: 1, framesPerSecond: 16 })).toBe(125);
		const spool = { feet: 25, sides: 2, framesPerSecond: 16 };
		expect(footage(spool, 0)).toEqual({ side: 1, feet: 0 });
		expect(footage(spool, 130)).toEqual({ side: 2, feet: 1 });
		expect(footage(spool, 1000)).toEqual({ side: 2, feet: 25 });
	});
});

describe('instant film', () => {
	it('develops twice as long ten degrees colder, other film not at all', () => {
		// Common practice.
		expect(developingSeconds('instant', 11)! / developingSeconds('instant', 21)!).toBeCloseTo(2, 9);
		expect(developingSeconds('peel-apart', 21)).toBeLessThan(120);
		expect(developingSeconds('bw-negative', 20)).toBeNull();
		expect(developingSeconds('instant', -80)).toBe(developingSeconds('instant', 0));
	});
});
