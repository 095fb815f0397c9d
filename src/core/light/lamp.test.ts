import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { logarithmic, real } from '../../../tests/fixtures/arbitraries';
import { castOf, miredOf } from '../film';
import { filmOf } from '../../../tests/fixtures/bag';
import { distanceFor, nearestOf, stopsByMoving } from './lamp';
import { lampDistanceFor, resolveLight, type LampReading } from '.';

describe('a lamp', () => {
	// Source: the inverse square law by its published definition: half the distance is four times the light.
	it('gains two stops at half the distance', () => {
		expect(stopsByMoving(2, 1)).toBe(2);
		expect(stopsByMoving(1, 2)).toBe(-2);
		expect(distanceFor(2, 2)).toBe(1);
		expect(distanceFor(2, 1)).toBeCloseTo(Math.SQRT2, 9);
	});

	it('is moved there and back without a trace', () => {
		fc.assert(
			fc.property(logarithmic(0.2, 20), real(-6, 6), (distance, need) => {
				expect(stopsByMoving(distance, distanceFor(distance, need))).toBeCloseTo(need, 9);
			})
		);
	});

	it('is read at one distance and used at another, through what softens it', () => {
		const light = {
			method: 'lamp',
			reading: { ev: 8, sd: 0.3 },
			from: 2,
			to: 1,
			modifierStops: 1.5
		} as const;
		expect(resolveLight(light).ev).toBeCloseTo(8.5, 9);
		expect(resolveLight({ method: 'lamp', reading: light, from: 1, to: 2 }).ev).toBeCloseTo(6.5, 9);
	});
});

/** Illuminance on the axis of an even source, by adding up small pieces: L·cos²θ/r² each. */
function summed(distance: number, inside: (x: number, y: number) => boolean, half: [number, number]): number {
	const PIECES = 400;
	let sum = 0;
	for (let i = 0; i < PIECES; i++) {
		for (let j = 0; j < PIECES; j++) {
			const [x, y] = [i, j].map((at, axis) => ((2 * at + 1) / PIECES - 1) * half[axis]);
			if (inside(x, y)) sum += distance ** 2 / (x ** 2 + y ** 2 + distance ** 2) ** 2;
		}
	}
	return sum * half[0] * half[1];
}

describe('a lamp that is not a point', () => {
	const box = { width: 0.6, height: 0.6 };

	// Source: the definition of illuminance, by numeric integration.
	it.each([0.6, 1, 2, 5])(
		'falls off as its area, added up, says: a square as it does, a disc nearly, at %s m',
		(from) => {
			const radius = 0.6 / Math.sqrt(Math.PI);
			const areas = [
				[(x: number, y: number) => x ** 2 + y ** 2 <= radius ** 2, [radius, radius], 0.02],
				[() => true, [0.3, 0.3], 0.002]
			] as const;
			for (const [inside, half, within] of areas) {
				const at = (distance: number) => summed(distance, inside, [...half]);
				expect(Math.abs(stopsByMoving(from, 1.5, box) - Math.log2(at(1.5) / at(from)))).toBeLessThan(within);
			}
		}
	);

	// Source: the definition of illuminance, by numeric integration: a strip is not the disc of its area.
	it.each([0.5, 0.9, 3])('falls off more slowly as a strip: at %s m', (to) => {
		const strip = { width: 0.3, height: 1.4 };
		const at = (distance: number) => summed(distance, () => true, [0.15, 0.7]);
		expect(Math.abs(stopsByMoving(1.5, to, strip) - Math.log2(at(to) / at(1.5)))).toBeLessThan(0.005);
	});

	// Source: by hand: R² = side²/π; from 1 m to 0.4 m a bulb gains 2.64 stops, 60 cm 2.02, 120 cm 1.24.
	it('gains less by coming near, the larger it is', () => {
		expect(stopsByMoving(1, 0.4)).toBeCloseTo(2.64, 2);
		expect(Math.abs(stopsByMoving(1, 0.4, box) - 2.02)).toBeLessThan(0.02);
		expect(Math.abs(stopsByMoving(1, 0.4, { width: 1.2, height: 1.2 }) - 1.24)).toBeLessThan(0.02);
	});

	it('is moved there and back without a trace, and never through itself', () => {
		fc.assert(
			fc.property(logarithmic(0.2, 20), real(-6, 6), real(0.1, 2), (distance, need, side) => {
				const source = { width: side, height: side };
				const to = distanceFor(distance, need, source);
				if (to > 0) expect(stopsByMoving(distance, to, source)).toBeCloseTo(need, 6);
				else expect(stopsByMoving(distance, 1e-9, source)).toBeLessThanOrEqual(need);
			})
		);
		expect(nearestOf({ width: 0.4, height: 1.2 })).toBe(1.2);
		expect(nearestOf()).toBe(0.2);
	});
});

describe('how sure a lamp is', () => {
	const reading = { ev: 8, sd: 0.3 };

	// Source: by hand: a distance of 2 m to 5 % is 2·0.05/ln 2 = 0.144 stop; half a metre to 5 cm is 0.289.
	it('has both distances’ doubt in it, and none of them where it was not moved', () => {
		expect(resolveLight({ method: 'lamp', reading, from: 2, to: 4 }).sd).toBeCloseTo(
			Math.hypot(0.3, 0.144, 0.144),
			3
		);
		expect(resolveLight({ method: 'lamp', reading, from: 2, to: 0.5 }).sd).toBeCloseTo(
			Math.hypot(0.3, 0.144, 0.289),
			3
		);
		expect(resolveLight({ method: 'lamp', reading, from: 2, to: 2 }).sd).toBe(0.3);
	});

	// Source: the definition, by drawing distances: the slope is right where doubts are small.
	it('is what drawing its distances gives', () => {
		const source = { width: 0.6, height: 0.9 };
		const quantiles = Array.from({ length: 201 }, (_, at) => ((at - 100) / 100) * 3);
		const weights = quantiles.map((z) => Math.exp((-z * z) / 2));
		let [sum, squares, all] = [0, 0, 0];
		for (const [a, x] of quantiles.entries())
			for (const [b, y] of quantiles.entries()) {
				const stops = stopsByMoving(2 * (1 + 0.05 * x), 1.2 * (1 + 0.05 * y), source);
				const weight = weights[a] * weights[b];
				[sum, squares, all] = [sum + weight * stops, squares + weight * stops ** 2, all + weight];
			}
		const drawn = Math.sqrt(squares / all - (sum / all) ** 2);
		const { sd } = resolveLight({ method: 'lamp', reading: { ev: 8, sd: 0 }, from: 2, to: 1.2, source });
		expect(Math.abs(sd - drawn)).toBeLessThan(0.01);
	});
});

describe('what is before a lamp, and a second one', () => {
	const key: LampReading = { method: 'lamp', reading: { ev: 9, sd: 0.3, kelvin: 3200 }, from: 2, to: 2 };

	it('takes the stops of all that is before it', () => {
		const modifiers = [
			{ name: 'Softbox', stops: 4 / 3 },
			{ name: 'Grid', stops: 2 }
		];
		expect(resolveLight({ ...key, modifiers }).ev).toBeCloseTo(9 - 10 / 3, 9);
	});

	// Source: light adds: two alike are a stop more; the doubts of two meterings, each half of the whole, are
	// 0.3/√2, one metering's error is in both; distances are their own: 2 to 1 m is hypot(0.144, 0.144), halved.
	it('adds the light of a second', () => {
		const { method: _, ...alike } = key;
		const both = resolveLight({ ...key, second: { ...alike, reading: { ev: 9, sd: 0.3, kelvin: 3210 } } });
		expect(both.ev).toBeCloseTo(10, 9);
		expect(both.sd).toBeCloseTo(0.3 / Math.SQRT2, 9);
		expect(resolveLight({ ...key, second: alike }).sd).toBeCloseTo(0.3, 9);
		const moved = { ...alike, to: 1, modifierStops: 2 };
		expect(resolveLight({ ...key, second: moved }).sd).toBeCloseTo(Math.hypot(0.3, 0.204 / 2), 3);
		expect(both.kelvin).toBeCloseTo(3205, 1);
		// Half of it at 6400 K: 3/4 of the mired of the warm one.
		const cold = resolveLight({ ...key, second: { ...alike, reading: { ev: 9, kelvin: 6400 } } });
		expect(1e6 / cold.kelvin!).toBeCloseTo((1e6 / 3200 + 1e6 / 6400) / 2, 6);
	});

	it('says where the first must stand for a light, beside the second', () => {
		const { method: _, ...alike } = key;
		fc.assert(
			fc.property(real(9.2, 14), (ev) => {
				const lit: LampReading = { ...key, source: { width: 0.3, height: 0.3 }, second: alike };
				const to = lampDistanceFor(lit, ev);
				if (to > 0) expect(resolveLight({ ...lit, to }).ev).toBeCloseTo(ev, 6);
			})
		);
		// The second alone gives more than that already.
		expect(lampDistanceFor({ ...key, second: alike }, 8.9)).toBe(Infinity);
	});
});

describe('the colour of light', () => {
	// Source: the published definition of mired, 10⁶/K; a full daylight to 3200 K correction is about 131 mired.
	it('is counted in mired', () => {
		expect(miredOf(5500)).toBeCloseTo(181.8, 1);
		expect(miredOf(3200)).toBeCloseTo(312.5, 1);
		expect(castOf(filmOf('reversal', 100), 3200)).toBeCloseTo(130.7, 1);
		expect(castOf(filmOf('reversal', 100, { balance: 3200 }), 5500)).toBeCloseTo(-130.7, 1);
		expect(castOf(filmOf('bw-negative', 100), 2700)).toBeNull();
	});
});
