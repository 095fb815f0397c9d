import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { shutterSound } from '../../../tests/fixtures/clicks';
import { clicksIn } from '.';

describe('clicks in a recording', () => {
	it('are found where they are, through noise and hum, at any usual sampling', () => {
		for (const sampleRate of [16_000, 44_100, 48_000, 96_000]) {
			const found = clicksIn(shutterSound([0.4, 1.65], { sampleRate, noise: 0.004, hum: 0.2 }), sampleRate);
			expect(found).toHaveLength(2);
			expect(found[0]).toBeCloseTo(0.4, 2);
			expect(found[1] - found[0]).toBeCloseTo(1.25, 2);
		}
	});

	it('are none in silence, in mere noise, and in nothing', () => {
		expect(clicksIn(new Float32Array(48_000), 48_000)).toEqual([]);
		expect(clicksIn(shutterSound([], { noise: 0.1 }), 48_000)).toEqual([]);
		expect(clicksIn(new Float32Array(0), 48_000)).toEqual([]);
	});

	it('nearer than they ring are one', () => {
		expect(clicksIn(shutterSound([0.5, 0.51]), 48_000)).toHaveLength(1);
	});

	it('give the time between them, whatever it is', () => {
		fc.assert(
			fc.property(fc.double({ min: 0.06, max: 2, noNaN: true }), (seconds) => {
				const found = clicksIn(shutterSound([0.3, 0.3 + seconds]), 48_000);
				expect(found).toHaveLength(2);
				expect(Math.abs(found[1] - found[0] - seconds)).toBeLessThan(0.003);
			}),
			{ numRuns: 40 }
		);
	});
});
