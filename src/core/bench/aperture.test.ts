import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { agedSpeed } from '../film';
import { parallaxMattersWithin, parallaxOnFilm } from '../focus';
import { focalLengthByImage, focalLengthByTwo, fNumberOf, openingInPhoto } from '.';

const lengths = fc.double({ min: 20, max: 300, noNaN: true });

describe('an aperture by ruler', () => {
	// Source: common practice: 95 mm and a 6 mm hole are about f/16, and half a millimetre there is a quarter stop.
	it('is the focal length by the opening, with the ruler’s doubt', () => {
		const { f, sd } = fNumberOf(95, 6, 0.5);
		expect(f).toBeCloseTo(15.83, 2);
		expect(sd).toBeCloseTo(0.24, 2);
	});

	it('is surer the larger the hole, and never surer by a doubt more', () => {
		fc.assert(
			fc.property(lengths, fc.double({ min: 1, max: 50, noNaN: true }), (focal, opening) => {
				expect(fNumberOf(focal, opening + 1, 0.5).sd).toBeLessThan(fNumberOf(focal, opening, 0.5).sd);
				expect(fNumberOf(focal, opening, 0.5, 2).sd).toBeGreaterThan(fNumberOf(focal, opening, 0.5).sd);
			})
		);
	});
});

describe('an opening in a photo', () => {
	const line = (length: number, turned = 0) =>
		[
			{ x: 300, y: 200 },
			{ x: 300 + length * Math.cos(turned), y: 200 + length * Math.sin(turned) }
		] as const;
	const photo = { opening: line(120), beside: line(400), length: 20, distance: 1000, markSd: 1 };

	// By hand: 120 of 400 px of 20 mm are 6 mm; marks to √2 of 120 and of 400 px, 15 of 1000 mm behind: 1.2, 0.35 and 1.5 %.
	it('is as long as what lies beside it, part by part', () => {
		const { opening, sd } = openingInPhoto(photo)!;
		expect(opening).toBeCloseTo(6, 9);
		expect(sd).toBeCloseTo(6 * Math.hypot(0.0118, 0.00354, 0.015), 3);
		expect(openingInPhoto({ ...photo, beside: line(0) })).toBeNull();
	});

	it('is the same however the picture is turned, and surer from farther away', () => {
		fc.assert(
			fc.property(fc.double({ min: 0, max: 6, noNaN: true }), (turned) => {
				const other = openingInPhoto({ ...photo, opening: line(120, turned), distance: 3000 })!;
				expect(other.opening).toBeCloseTo(6, 9);
				expect(other.sd).toBeLessThan(openingInPhoto(photo)!.sd);
			})
		);
	});
});

describe('a focal length', () => {
	// Source: the thin lens: an object at 2f is imaged at 2f, as large as it is.
	it('by one image, and by two sharp distances', () => {
		expect(focalLengthByImage(200, 200)).toBe(100);
		// By hand: 100²/900 − 100²/2900 = 11.11 − 3.45 = 7.66 mm.
		expect(focalLengthByTwo(1000, 3000, 7.663)).toBeCloseTo(100, 1);
		expect(focalLengthByTwo(3000, 1000, 7)).toBeNull();
		expect(focalLengthByTwo(1000, 3000, -1)).toBeNull();
	});

	it('by two distances is that of the lens that moved so', () => {
		fc.assert(
			fc.property(lengths, (focal) => {
				const extension = (object: number) => (focal * object) / (object - focal) - focal;
				const found = focalLengthByTwo(1000, 4000, extension(1000) - extension(4000));
				expect(found).toBeCloseTo(focal, 4);
			})
		);
	});
});

describe('parallax', () => {
	// Source: similar triangles: a finder 50 mm above a 100 mm lens is 5 mm off on the film at 1 m.
	it('is the finder’s offset made smaller like the subject', () => {
		expect(parallaxOnFilm(50, 1, 100)).toBeCloseTo(5, 9);
		expect(parallaxOnFilm(50, 2, 100)).toBeCloseTo(2.5, 9);
		const within = parallaxMattersWithin(50, 100, 80, 0.05);
		expect(parallaxOnFilm(50, within, 100) / 80).toBeCloseTo(0.05, 9);
	});
});

describe('an expired film', () => {
	// Source: common practice: one stop in ten years at room temperature for colour, half for black-and-white.
	it('is slower, and in more doubt', () => {
		const film = (type: 'colour-negative' | 'bw-negative') => ({ name: 'Old', type, iso: 400 });
		expect(agedSpeed(film('colour-negative'), 10, 'room')).toMatchObject({ stops: -1 });
		expect(agedSpeed(film('bw-negative'), 10, 'room').stops).toBe(-0.5);
		expect(agedSpeed(film('colour-negative'), 20, 'freezer').stops).toBeGreaterThan(-0.5);
		expect(agedSpeed(film('colour-negative'), -3, 'room')).toEqual({ stops: 0, sd: 0.15 });
		expect(agedSpeed(film('colour-negative'), 20, 'room').sd).toBeGreaterThan(0.9);
	});
});
