import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { factsOf, type FilmType } from '../film';
import { endsOf, errorBySpot, errorBySpots, errorByTone, printOf, reflectanceOf } from '.';

const types: FilmType[] = ['colour-negative', 'bw-negative', 'reversal', 'instant', 'peel-apart'];
const anyType = fc.constantFrom(...types);
const density = (type: FilmType, stops: number, error = 0) => -Math.log10(reflectanceOf(type, stops, error));

describe('how a print answers to light', () => {
	it.each(types)('of %s gives mid grey back as 18 %', (type) => {
		expect(reflectanceOf(type, 0, 0)).toBeCloseTo(0.18, 6);
	});

	it.each(['reversal', 'instant', 'peel-apart'] as const)(
		'of %s is the logistic curve of its own numbers',
		(type) => {
			// Source: the logistic form of a characteristic curve: its ends, and its slope at a place.
			const { least, most, contrast } = factsOf(type).print;
			expect(density(type, 20)).toBeCloseTo(least, 4);
			expect(density(type, -30)).toBeCloseTo(most, 4);
			const step = 1e-3;
			const perTenfold = (density(type, -step) - density(type, step)) / (2 * step * Math.log10(2));
			expect(perTenfold).toBeCloseTo(contrast, 3);
		}
	);

	it.each([
		[1, 0.4302],
		[-1, 0.0581],
		[3, 0.7187]
	])('of instant film gives %s stop off mid grey a reflectance of %s', (stops, reflectance) => {
		// Source: hand arithmetic: D = 0.12 + 1.63 / (1 + e^(1.2502·(x + 0.3804))), which has density 0.745
		// (18 %) and a slope of 1.6 for a tenfold at mid grey, from 0.12 to 1.75.
		expect(reflectanceOf('instant', stops, 0)).toBeCloseTo(reflectance, 3);
	});

	it('is never darker with more light', () => {
		fc.assert(
			fc.property(
				anyType,
				fc.double({ min: -6, max: 6, noNaN: true }),
				fc.double({ min: -3, max: 3, noNaN: true }),
				fc.double({ min: 0.01, max: 1, noNaN: true }),
				(type, stops, error, more) => {
					expect(reflectanceOf(type, stops + more, error)).toBeGreaterThanOrEqual(
						reflectanceOf(type, stops, error)
					);
					expect(reflectanceOf(type, 0, error + more)).toBeGreaterThanOrEqual(
						reflectanceOf(type, 0, error) - 1e-9
					);
				}
			)
		);
	});

	it('is read backwards for the error, with more doubt where it is flat', () => {
		fc.assert(
			fc.property(anyType, fc.double({ min: -2, max: 2, noNaN: true }), (type, error) => {
				for (const straight of [false, true])
					expect(errorByTone(type, 0, reflectanceOf(type, 0, error, straight), straight).stops).toBeCloseTo(
						error,
						2
					);
			})
		);
		const grey = (reflectance: number) => errorBySpot('instant', { thing: 'grey', reflectance });
		expect(grey(0.75).sd).toBeGreaterThan(grey(0.18).sd);
		expect(grey(0).stops).toBeCloseTo(-6, 1);
	});
});

describe('spots of a scan', () => {
	const spot = (thing: 'grey' | 'white' | 'shadow', error: number) => ({
		thing,
		reflectance: reflectanceOf('instant', { grey: 0, white: 2, shadow: -2 }[thing], error)
	});

	it('tell the error each by what it was, and several more surely, but never as more than a judgement', () => {
		for (const error of [-1, 0, 2 / 3]) {
			const one = errorBySpots('instant', [spot('grey', error)])!;
			const three = errorBySpots('instant', [
				spot('grey', error),
				spot('white', error),
				spot('shadow', error)
			])!;
			expect(one.stops).toBeCloseTo(error, 2);
			expect(three.stops).toBeCloseTo(error, 2);
			expect(three.sd).toBeLessThanOrEqual(one.sd);
			expect(three.sd).toBeGreaterThanOrEqual(1 / 3);
		}
		expect(errorBySpots('instant', [])).toBeNull();
	});

	it('are in more doubt where they contradict each other', () => {
		const pair = (grey: number, shadow: number) =>
			errorBySpots('instant', [spot('grey', grey), spot('shadow', shadow)])!;
		expect(pair(-1.5, 1).sd).toBeGreaterThan(1.5 * pair(0, 0).sd);
	});
});

/** What a spot gives back on the mean. Source: IEC 61966-2-1 and the luminance of its primaries. */
function meanReflectance(pixels: Uint8ClampedArray): number {
	const linear = (value: number) =>
		value / 255 <= 0.04045 ? value / 255 / 12.92 : ((value / 255 + 0.055) / 1.055) ** 2.4;
	let sum = 0;
	for (let at = 0; at < pixels.length; at += 4)
		sum += 0.2126 * linear(pixels[at]) + 0.7152 * linear(pixels[at + 1]) + 0.0722 * linear(pixels[at + 2]);
	return sum / (pixels.length / 4);
}

describe('a print of the made-up scene', () => {
	const question = { type: 'instant', error: 0, width: 120, height: 90, seed: 7, lens: 'plain' } as const;

	/** Pixels of the grey card in the scene. */
	const card = (pixels: Uint8ClampedArray) => {
		const rows: number[] = [];
		for (let y = 66; y < 74; y++)
			for (let x = 75; x < 84; x++) rows.push(...pixels.subarray((y * 120 + x) * 4, (y * 120 + x) * 4 + 4));
		return Uint8ClampedArray.from(rows);
	};

	it('has its grey card at 18 %, by sRGB as published', () => {
		// Source: IEC 61966-2-1: 18 % is 0.4613 of full, 118 of 255.
		const spot = card(printOf(question));
		expect(Math.abs(Math.log2(meanReflectance(spot) / 0.18))).toBeLessThan(0.1);
		const green = spot.filter((_, at) => at % 4 === 1).reduce((a, b) => a + b) / (spot.length / 4);
		expect(Math.abs(green - 118)).toBeLessThan(5);
	});

	it('tells its own error by the card', () => {
		for (const error of [-1, -1 / 3, 0, 2 / 3]) {
			const reflectance = meanReflectance(card(printOf({ ...question, error })));
			const read = errorBySpot('instant', { thing: 'grey', reflectance });
			expect(Math.abs(read.stops - error)).toBeLessThan(0.3);
		}
	});

	it('is the same by the same seed, grey on black-and-white, darker in the corners of plastic', () => {
		expect(printOf(question)).toEqual(printOf(question));
		expect(printOf({ ...question, seed: 8 })).not.toEqual(printOf(question));
		const grey = printOf({ ...question, type: 'bw-negative' });
		for (let at = 0; at < grey.length; at += 400) expect(grey[at]).toBe(grey[at + 2]);
		const corner = (lens: 'plain' | 'plastic') => {
			const pixels = printOf({ ...question, lens });
			return pixels[0] + pixels[1] + pixels[2];
		};
		expect(corner('plastic')).toBeLessThan(corner('plain'));
	});

	it('is seen with its paper white as white and its black as black, and −2 told from right on every film', () => {
		for (const type of types) {
			const seen = (error: number) => printOf({ ...question, type, error, seen: true, straight: true });
			const right = seen(0);
			// The door of the scene, and the brightest of the sky: near the ends of what a screen shows.
			const door = (70 * 120 + 34) * 4;
			expect(right[door + 1]).toBeLessThan(45);
			expect(Math.max(...right.filter((_, at) => at % 4 === 1))).toBeGreaterThan(235);
			const mean = (pixels: Uint8ClampedArray) => pixels.reduce((sum, each) => sum + each, 0) / pixels.length;
			expect(mean(right) - mean(seen(-2))).toBeGreaterThan(30);
			const { white, black } = endsOf(type);
			expect(white / black).toBeGreaterThan(30);
		}
	});
});
