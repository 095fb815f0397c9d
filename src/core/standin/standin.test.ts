import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { levelOf, resolveLight } from '../light';
import { middleOf, patchAt, patches, SCENE, standInMeter, standInPicture, trueEv, LAMP } from '.';

const lights = fc.constantFrom('lamp', 'sun', 'overcast' as const);
const seeds = fc.integer({ min: 1, max: 1e9 });
const points = fc.record({
	x: fc.double({ min: 0, max: 4, noNaN: true }),
	y: fc.double({ min: 0, max: 2.5, noNaN: true })
});
const patch = (id: string) => patches.find((each) => each.id === id)!;

describe('the made-up scene', () => {
	// Source: the inverse square law: √2 of the distance is a stop less.
	it('is lit by a lamp that falls with distance squared, by sun and shade, or evenly', () => {
		const near = trueEv('lamp', { x: LAMP.x, y: LAMP.y });
		const far = trueEv('lamp', { x: LAMP.x + 1, y: LAMP.y });
		expect(near - far).toBeCloseTo(1, 9);
		// Source: shadow edge: sharp shadows are EV 14⅔; exposure guide: open shade is 12; each within half a stop.
		expect(Math.abs(trueEv('sun', { x: 1, y: 1 }) - 14.64)).toBeLessThan(0.5);
		expect(Math.abs(trueEv('sun', { x: 3, y: 1 }) - 12)).toBeLessThan(0.6);
		expect(trueEv('overcast', { x: 0, y: 0 })).toBe(trueEv('overcast', { x: 4, y: 2 }));
	});

	it('has things of different tone, the card in front of the wall', () => {
		expect(patchAt(middleOf(patch('card'))).id).toBe('card');
		expect(patchAt({ x: 0.1, y: 0.1 }).id).toBe('wall');
	});
});

describe('the simulated meter', () => {
	it('is the same meter by the same seed', () => {
		const read = (seed: number) => standInMeter(seed).incident('sun', { x: 1, y: 1 }, 100);
		expect(read(7)).toEqual(read(7));
	});

	it('shows settings from which the reading gives back the light, within what meters are off', () => {
		fc.assert(
			fc.property(lights, seeds, points, fc.constantFrom(100, 400), (light, seed, at, iso) => {
				const shown = standInMeter(seed).incident(light, at, iso);
				const { ev } = resolveLight({ method: 'meter', kind: 'incident', ...shown });
				expect(Math.abs(ev - trueEv(light, at))).toBeLessThan(0.9);
			}),
			{ numRuns: 500 }
		);
	});

	// Source: ISO 2720: a reflected meter takes all for about mid grey; the white sail is log2(0.8 / 0.18) above the card.
	it('off the surface is misled by its tone, as real ones are', () => {
		let [white, black] = [0, 0];
		const RUNS = 200;
		for (let seed = 1; seed <= RUNS; seed++) {
			const meter = standInMeter(seed);
			const ev = (id: string) => {
				const shown = meter.reflected('overcast', middleOf(patch(id)), 100);
				return resolveLight({ method: 'meter', kind: 'reflected', ...shown }).ev;
			};
			white += (ev('sheet') - ev('card')) / RUNS;
			black += (ev('coat') - ev('card')) / RUNS;
		}
		expect(white).toBeCloseTo(Math.log2(0.8 / 0.18), 1);
		expect(black).toBeCloseTo(Math.log2(0.04 / 0.18), 1);
	});
});

describe('the simulated camera phone', () => {
	it('makes a picture whose settings and brightness give back the light of the scene', () => {
		fc.assert(
			fc.property(lights, seeds, (light, seed) => {
				const { iso, f, seconds, pixels, width, height } = standInPicture(light, seed, 64);
				expect([width, height]).toEqual([64, Math.round((64 * SCENE.height) / SCENE.width)]);
				const { ev, sd } = resolveLight({ method: 'photo', iso, f, seconds, level: levelOf(pixels) });
				const lit = [LAMP, { x: 0.2, y: 0.2 }, { x: 3.8, y: 0.2 }].map((at) => trueEv(light, at));
				expect(ev).toBeGreaterThan(Math.min(...lit) - 3 * sd);
				expect(ev).toBeLessThan(Math.max(...lit) + 3 * sd);
			}),
			{ numRuns: 60 }
		);
	});

	it('comes out near mid grey on the whole', () => {
		expect(Math.abs(levelOf(standInPicture('overcast', 3, 64).pixels))).toBeLessThan(0.7);
	});
});
