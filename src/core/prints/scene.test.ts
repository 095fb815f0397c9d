import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { spotAt } from './scene';

const unit = fc.double({ min: 0, max: 1, noNaN: true });

describe('the made-up scene', () => {
	it('has a mid-grey card, a dark door, a white window and the sun on the water', () => {
		expect(spotAt(0.66, 0.78)).toEqual({ stops: 0, tint: [1, 1, 1] });
		expect(spotAt(0.29, 0.7).stops).toBeLessThan(-4);
		expect(spotAt(0.39, 0.57).stops).toBeGreaterThan(2);
		const water = Array.from(
			{ length: 4000 },
			(_, at) => spotAt(0.5 + (at % 100) / 200, 0.47 + at / 50_000).stops
		);
		expect(Math.max(...water)).toBeGreaterThan(3);
	});

	it('holds more than instant film does, and is light everywhere', () => {
		const all = Array.from(
			{ length: 2500 },
			(_, at) => spotAt((at % 50) / 50, Math.floor(at / 50) / 50).stops
		);
		// Common practice: instant film holds five to six stops.
		expect(Math.max(...all) - Math.min(...all)).toBeGreaterThan(6);
		fc.assert(
			fc.property(unit, unit, (x, y) => {
				const { stops, tint } = spotAt(x, y);
				expect(Number.isFinite(stops)).toBe(true);
				for (const share of tint) expect(share).toBeGreaterThan(0.5);
			})
		);
	});
});
