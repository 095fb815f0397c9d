import { describe, expect, it } from 'vitest';
import type { EyeCurve } from '../core/bench';
import { askedInWords, limitInWords, slopeInWords, usedInWords } from './eye-curve';

describe('an eye in words', () => {
	it('says what to fire at, and where wheel and dial stand', () => {
		const plain = { wheel: [0], dial: [100] };
		expect(askedInWords({ fraction: 1, why: 'steps' }, plain)).toBe('Step 1, all of the light');
		expect(askedInWords({ fraction: 0, why: 'black' }, plain)).toBe('Black');
		expect(askedInWords({ why: 'limit' }, plain)).toMatch(/^Far brighter: the open sky away from the sun/);
		expect(askedInWords({ fraction: 1 / 2, filter: 3, why: 'filter' }, { ...plain, filter: 3 })).toBe(
			'Step 2, 1/2 of the light; the ND over the eye'
		);
		const turned = { wheel: [-1, 0, 1], dial: [100, 200] };
		expect(askedInWords({ fraction: 1 / 8, compensation: -1, iso: 100, why: 'wheel' }, turned)).toBe(
			'Step 4, 1/8 of the light; wheel 1 toward darken; dial at 100'
		);
	});

	it('says what a cell does, and what comes of it', () => {
		// By hand: six stops dimmer, a slope of 0.8 is worth 1.2 stops.
		expect(slopeInWords({ value: 0.8, sd: 0.02 })).toBe(
			'For a stop of light it changes its time by 0.80 of a stop, give or take 0.02: in a room its frames come out 1⅓ stops too dark.'
		);
		expect(slopeInWords({ value: 1.1, sd: 0.02 })).toContain('⅔ stop too light');
		expect(slopeInWords({ value: 0.97, sd: 0.03 })).toMatch(/: a good cell\.$/);
	});

	it('says what of it is used', () => {
		const told = { value: 1, sd: 0.02 };
		const limit = { seconds: 2, sd: 0.1, reached: true };
		const curve: EyeCurve = {
			...{ slope: told, scatter: told, full: { seconds: 1, sd: 0.1 }, leak: told },
			...{ fastest: { ...limit, reached: false }, slowest: limit, wheel: [], dial: [], filters: [] },
			...{ wild: [], next: null, notes: [] }
		};
		const sound = { sd: 0.001 };
		expect(usedInWords(curve, sound, false)).toBe(
			'Used are how its cell follows the light and its slowest time.'
		);
		const wheel = [{ place: 1, value: 0.8, sd: 0.1 }];
		expect(usedInWords({ ...curve, wheel, dial: [{ iso: 400, ...told }] }, sound, true)).toBe(
			'Used are how its cell follows the light, what a stop of its wheel does, what the marks of its dial do, its slowest time and what it gives.'
		);
		expect(usedInWords({ ...curve, slowest: { ...limit, reached: false } }, sound, false)).toBe(
			'Used is how its cell follows the light.'
		);
	});

	it('makes no number of a limit that was not reached, or that clicks cannot tell', () => {
		const sound = { sd: 0.001 };
		expect(limitInWords({ seconds: 3, sd: 0.3, reached: true }, sound, 'slowest')).toBe('3 s ± ⅓');
		expect(limitInWords({ seconds: 3, sd: null, reached: false }, sound, 'slowest')).toBe('3 s or longer');
		expect(limitInWords({ seconds: 1 / 250, sd: 0.1, reached: true }, sound, 'fastest')).toBe(
			'1/60 s or faster'
		);
	});
});
