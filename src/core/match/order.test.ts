import { describe, expect, it } from 'vitest';
import { twinLens } from '../../../tests/fixtures/automatic';
import { filmOf, fixedCamera, steppedCamera } from '../../../tests/fixtures/bag';
import type { Camera } from '../camera';
import { bestOutcome, type Intent } from '.';

describe('of settings that expose alike', () => {
	const speeds = [1 / 2000, 1 / 1000, 1 / 500, 1 / 250, 1 / 125, 1 / 60, 1 / 30, 1 / 15, 1 / 8];
	const rings = (more: Partial<Camera> = {}) =>
		steppedCamera({
			focalLength: 50,
			frame: { width: 36, height: 24 },
			focus: { kind: 'continuous', nearest: 0.7 },
			aperture: { kind: 'stops', f: [2, 2.8, 4, 5.6, 8, 11, 16] },
			shutter: { kind: 'speeds', seconds: speeds },
			...more
		});
	const sunny = (camera: Camera, intent: Intent = {}) =>
		bestOutcome(camera, filmOf('reversal', 100), { ev: 15 }, intent);

	// Source: common practice: in full sun depth is free, and nobody opens up to f/4 at 1/2000 s for nothing.
	it('takes one with depth that can be held', () => {
		const { f, seconds } = sunny(rings());
		expect(f).toBeGreaterThanOrEqual(8);
		expect(seconds).toBeLessThanOrEqual(1 / 100);
		expect(Math.log2((f * f) / seconds)).toBeCloseTo(15, 0);
	});

	it('opens or stops down as far as what is wanted behind the subject asks', () => {
		expect(sunny(rings(), { depth: 'shallow' })).toMatchObject({ f: 4, seconds: 1 / 2000 });
		const deep = sunny(rings(), { depth: 'deep' });
		expect(deep).toMatchObject({ f: 16, seconds: 1 / 125, verdict: 'just-enough' });
		// By hand: 50 mm on 35 mm film is steady to 1/25 s: in the shade f/16 would shake, and is not taken for its depth.
		const shade = bestOutcome(rings(), filmOf('reversal', 100), { ev: 10 }, { depth: 'deep' });
		expect(shade.spoilers).toEqual([]);
		expect(shade.seconds).toBe(1 / 30);
	});

	it('takes what is steadier where nothing else is gained', () => {
		// A lever of two places, both good on a wall: the shorter time is further from blur by whoever moves.
		const lever = fixedCamera({
			focalLength: 10,
			positions: [
				{ label: 'small', f: 16, seconds: 0.62 },
				{ label: 'wide', f: 11, seconds: 0.31 }
			]
		});
		expect(bestOutcome(lever, filmOf('colour-negative', 400), { ev: 6.2 })).toMatchObject({
			position: 'wide'
		});
	});

	// Source: similar triangles: a lens at infinity blurs what is near by its opening, so the smallest blurs least.
	it('takes the smallest that can be held, for someone nearer than its sharp zone', () => {
		const infinity = rings({ focus: { kind: 'fixed', distance: null } });
		expect(sunny(infinity, { subjectDistance: 1.2 })).toMatchObject({ f: 16, seconds: 1 / 125 });
	});
});

describe('a film-speed dial', () => {
	const eye = (iso: number[]): Camera => twinLens({}, { iso });
	// Common practice: the dial is set to the film in it; lighter or darker is the wheel's.
	it('stands at the film’s speed, and the wheel is turned for what is small', () => {
		const best = (iso: number, more: Partial<Camera> = {}) =>
			bestOutcome({ ...eye([100, 200, 400, 800]), ...more }, filmOf('instant', iso), { ev: 10 });
		expect(best(400)).toMatchObject({ iso: 400, compensation: 0 });
		expect(best(160)).toMatchObject({ iso: 200 });
		const generous = best(400, { offset: { stops: -1, sd: 0.3 } });
		expect(generous).toMatchObject({ iso: 400 });
		expect(generous.compensation).toBeGreaterThan(0);
	});
});

describe('a close-up lens', () => {
	// By hand: a lens at infinity with +2 before it looks at half a metre; H of 28 mm at f/11 is 1.45 m, so
	// that 1/(1/1.45 + 2) = 0.37 m to 0.5 m are sharp.
	it('moves what is sharp, and what is too near', () => {
		const camera = fixedCamera({
			focalLength: 28,
			circleOfConfusion: 0.05,
			focus: { kind: 'fixed', distance: null }
		});
		const at = (subjectDistance: number, closeUp?: number) =>
			bestOutcome(camera, filmOf('colour-negative', 100), { ev: 13 }, { subjectDistance, closeUp });
		expect(at(0.45).spoilers).toMatchObject([{ kind: 'near' }]);
		const close = at(0.45, 2);
		expect(close.spoilers).toEqual([]);
		expect(close.sharp.from).toBeCloseTo(0.37, 2);
		expect(close.sharp.to).toBeCloseTo(0.5, 2);
		expect(at(3, 2).spoilers).toMatchObject([{ kind: 'far' }]);
		expect(at(0.3, 2).spoilers).toMatchObject([{ kind: 'near' }]);
	});
});
