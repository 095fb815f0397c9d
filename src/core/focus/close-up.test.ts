import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { real } from '../../../tests/fixtures/arbitraries';
import { aimedAt, closeUpDistance, closeUpFor, closeUpZone, onStrip, sharpZone, standAt } from '.';

describe('close-up lenses', () => {
	// Source: definition of the dioptre: a lens set to infinity looks at 1/D, whatever its focal length.
	it.each([
		[1, 1],
		[2, 0.5],
		[3, 1 / 3],
		[4, 0.25]
	])('+%s looks at %s m from infinity', (dioptres, metres) => {
		expect(closeUpDistance(null, dioptres)).toBeCloseTo(metres, 12);
	});

	// Source: published close-up tables (from memory): +1 with the lens set to 1 m looks at 0.5 m, +2 with 1 m at 0.33 m.
	it.each([
		[1, 1, 0.5],
		[1, 2, 0.333],
		[2, 1, 0.667]
	])('set to %s m, +%s looks at %s m', (set, dioptres, metres) => {
		expect(closeUpDistance(set, dioptres)).toBeCloseTo(metres, 3);
	});

	// Source: blur disc by ray geometry of two thin lenses in contact, power 1/f + D, with the film where
	// the lens alone has it; derived without any zone.
	it('has a blur of exactly the circle of confusion at both ends of its zone', () => {
		fc.assert(
			fc.property(
				real(20, 120),
				real(5.6, 22),
				real(0.02, 0.1),
				real(1, 4),
				real(1, 8),
				(focal, f, circle, d, s) => {
					const alone = sharpZone(focal, f, circle, s);
					const zone = closeUpZone(alone, d);
					const power = 1000 / focal + d;
					const film = 1 / (1000 / focal - 1 / s);
					const blur = (at: number) => {
						const image = 1 / (power - 1 / at);
						return Math.abs(((focal / f) * (film - image)) / image);
					};
					expect(blur(zone.from) / circle).toBeCloseTo(1, 6);
					if (alone.to !== null) expect(blur(zone.to) / circle).toBeCloseTo(1, 6);
					else expect(blur(zone.to)).toBeLessThanOrEqual(circle * (1 + 1e-9));
				}
			)
		);
	});

	it('is the inverse of choosing one', () => {
		fc.assert(
			fc.property(real(0.5, 20), real(0.5, 10), (set, dioptres) => {
				expect(closeUpFor(set, closeUpDistance(set, dioptres))).toBeCloseTo(dioptres, 9);
			})
		);
	});
});

describe('where to stand', () => {
	it('is the end of the zone for one that is outside, and where one is for one inside', () => {
		expect(standAt({ from: 1.5, to: null }, 0.8)).toBe(1.5);
		expect(standAt({ from: 1.5, to: 4 }, 9)).toBe(4);
		expect(standAt({ from: 1.5, to: 4 }, 2)).toBe(2);
	});

	it('stands on a strip in order, from the camera to infinity', () => {
		expect(onStrip(0)).toBe(0);
		expect(onStrip(null)).toBe(1);
		fc.assert(
			fc.property(real(0.01, 1000), real(0.01, 1000), (a, b) => {
				expect((onStrip(a) - onStrip(b)) * (a - b)).toBeGreaterThanOrEqual(0);
			})
		);
	});
});

describe('where to aim', () => {
	const camera = { focalLength: 100, frame: { width: 80, height: 100 } };

	// Source: similar triangles by hand: 50 mm at 1 m through 100 mm are 5 mm of 100.
	it('puts the subject low in a finder that stands above the lens', () => {
		expect(aimedAt({ finder: { above: 50 } }, camera, 1).below).toBeCloseTo(0.05, 12);
		expect(aimedAt({ finder: { above: 0, right: 40 } }, camera, 0.5).right).toBeCloseTo(-0.1, 12);
	});

	it('adds what a back takes elsewhere, which distance does not change', () => {
		const body = { finder: { above: 38 }, back: { below: 0.2 } };
		expect(aimedAt(body, camera, 1e9).below).toBeCloseTo(0.2, 6);
		expect(aimedAt(body, camera, 1).below).toBeCloseTo(0.238, 6);
	});
});
