import chroma from 'chroma-js';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { real } from '../../../tests/fixtures/arbitraries';
import { encodedOf, linearOf, luminanceOf } from './srgb';

describe('the numbers of a picture', () => {
	// Source: IEC 61966-2-1, by hand: 0.04045/12.92 = 0.0031308, and ((0.5 + 0.055)/1.055)^2.4 = 0.21404.
	it.each([
		[0, 0],
		[0.04045, 0.0031308],
		[0.04, 0.003096],
		[0.2, 0.0331048],
		[0.5, 0.2140411],
		[0.8, 0.6038274],
		[1, 1]
	])('%s stand for %s of the light', (encoded, linear) => {
		expect(linearOf(encoded)).toBeCloseTo(linear, 6);
		expect(encodedOf(linear)).toBeCloseTo(encoded, 5);
	});

	it('hold no more than black and white', () => {
		expect(encodedOf(-0.2)).toBe(0);
		expect(encodedOf(7)).toBeCloseTo(1, 12);
	});

	it('go there and back', () => {
		fc.assert(
			fc.property(real(0, 1), (encoded) => {
				expect(encodedOf(linearOf(encoded))).toBeCloseTo(encoded, 6);
			})
		);
	});

	// Source: an independent package's relative luminance (WCAG 2, the same primaries), to the third digit.
	it('are as bright as another program says', () => {
		fc.assert(
			fc.property(fc.nat(255), fc.nat(255), fc.nat(255), (red, green, blue) => {
				const light = luminanceOf(
					...([red, green, blue].map((each) => linearOf(each / 255)) as [number, number, number])
				);
				expect(Math.abs(light - chroma(red, green, blue).luminance())).toBeLessThan(0.001);
			})
		);
		// Source: ITU-R BT.709, the weights of its primaries.
		expect([luminanceOf(1, 0, 0), luminanceOf(0, 1, 0), luminanceOf(0, 0, 1)]).toEqual([
			0.2126, 0.7152, 0.0722
		]);
	});
});
