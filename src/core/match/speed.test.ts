import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { foldingInstant, twinLens } from '../../../tests/fixtures/automatic';
import { anyCameras } from '../../../tests/fixtures/arbitraries';
import { fixedCamera } from '../../../tests/fixtures/bag';
import { draws } from '../../../tests/fixtures/few';
import { cameraKind } from '../camera';
import { filmTypes, latitudeOf } from '../film';
import { match, speedIn, speedRanges } from '.';

const SUN = 14 + 2 / 3;
const box = (more: object = {}) =>
	fixedCamera({
		aperture: { kind: 'fixed', f: 16 },
		shutter: { kind: 'fixed', seconds: 1 / 25 },
		...more
	});
const stopsBetween = (a: number, b: number) => Math.log2(a / b);

describe('the film speed that a camera asks for', () => {
	// Common practice: a box of f/16 and 1/25 s was made for film of about ISO 25 in the sun. By hand:
	// log2(256 · 25) − 14.667 = −2.023 stops, so ISO 24.6.
	it('is by hand what light, aperture and time leave to it', () => {
		const { iso, good, usable } = speedIn({ camera: box(), film: { type: 'reversal' } }, { ev: SUN });
		expect(iso).toBeCloseTo(24.61, 1);
		const latitude = latitudeOf({ name: '', type: 'reversal', iso: 100 });
		expect([stopsBetween(good![0], iso), stopsBetween(good![1], iso)]).toEqual(
			latitude.good.map((end) => expect.closeTo(end, 6))
		);
		expect([stopsBetween(usable![0], iso), stopsBetween(usable![1], iso)]).toEqual(
			latitude.usable.map((end) => expect.closeTo(end, 6))
		);
	});

	it('is halved by a stop more light, and doubled by a stop of filter', () => {
		const at = (ev: number, stops: number) =>
			speedIn({ camera: box(), filters: [{ name: 'ND', stops }] }, { ev }).iso;
		expect(at(SUN + 1, 0)).toBeCloseTo(at(SUN, 0) / 2, 9);
		expect(at(SUN, 1)).toBeCloseTo(2 * at(SUN, 0), 9);
	});

	// Common practice: a body built for ISO 160 takes 160 in whatever light it reaches, and 640 behind two stops.
	it('is by eye the one that it believes in, and as much faster as the filter on the pack is strong', () => {
		const camera = foldingInstant();
		// Below EV 5 its times are long, and film loses speed over them.
		for (const ev of [6, 8, 11]) {
			expect(speedIn({ camera, film: { type: 'instant' } }, { ev }).iso).toBeCloseTo(160, 6);
			const filters = [{ name: 'ND 0.6', stops: 2 }];
			expect(speedIn({ camera, film: { type: 'instant' }, filters }, { ev }).iso).toBeCloseTo(640, 6);
		}
	});

	// By hand: f/8 at 1/180 s is V 13.49; at EV 15 that is right for 100 · 2^(13.49 − 15), ISO 35.
	it('is at the eye’s limit what the limit leaves to it', () => {
		expect(speedIn({ camera: foldingInstant() }, { ev: 15 }).iso).toBeCloseTo(35.1, 0);
	});

	it('goes by the light on the eye where that is another', () => {
		const { iso } = speedIn({ camera: foldingInstant() }, { ev: 10, meterEv: 8 });
		// Two stops too much light on the film: it must be two stops slower.
		expect(iso).toBeCloseTo(40, 6);
	});

	it('leaves what is held open by hand to bodies that have nothing else', () => {
		const bulb = box({ bulb: { longest: 60 } });
		expect(speedIn({ camera: bulb }, { ev: SUN })).toEqual(speedIn({ camera: box() }, { ev: SUN }));
		const pinhole = { name: 'Hole', ...cameraKind('pinhole')!.camera };
		expect(speedIn({ camera: pinhole }, { ev: SUN }).iso).toBeGreaterThan(0);
	});

	it('names what is sold and goes in, the nearest to being right first', () => {
		const { films } = speedIn({ camera: { ...box(), kind: 'box' } }, { ev: SUN });
		expect(films[0]).toEqual({ type: 'bw-negative', iso: 25, verdict: 'just-enough' });
		expect(films.some(({ type }) => type === 'instant')).toBe(false);
		const instant = speedIn({ camera: { ...foldingInstant(), kind: 'folding-instant' } }, { ev: 10 }).films;
		expect(new Set(instant.map(({ type }) => type))).toEqual(new Set(['instant']));
		expect(instant[0]).toMatchObject({ iso: 160, verdict: 'just-enough' });
	});

	it('is put aside a wish for what no film brings', () => {
		const camera = twinLens();
		expect(speedIn({ camera, intent: { seconds: [100, 200] } }, { ev: 12 }).iso).toBeGreaterThan(0);
	});

	// The match itself is the other way round: a film of each speed is tried with every setting.
	it('is the match turned round: a speed inside comes out, one outside does not', () => {
		let [inside, outside] = [0, 0];
		const light = fc.double({ min: -2, max: 16, noNaN: true });
		const stops = fc.double({ min: -5, max: 6, noNaN: true });
		fc.assert(
			fc.property(anyCameras, fc.constantFrom(...filmTypes), light, stops, (camera, type, ev, beside) => {
				const asked = { camera, film: { type } };
				const { right, good } = speedRanges(asked, { ev });
				for (const speed of [right, right + beside / 8, beside]) {
					if (Math.abs(speed) > 9) continue;
					// On an edge either is right.
					if (good.flat().some((edge) => Math.abs(edge - speed) < 1e-6)) continue;
					const isIn = good.some(([from, to]) => speed > from && speed < to);
					const film = { name: '', type, iso: 100 * 2 ** speed };
					const { settings } = match(camera, film, { ev }, undefined, { handTimed: false });
					const comesOut = settings.some(({ verdict }) => verdict === 'just-enough');
					expect(comesOut, `${film.iso} of ${JSON.stringify(good)}`).toBe(isIn);
					if (isIn) inside += 1;
					else outside += 1;
				}
				const one = speedIn(asked, { ev });
				expect(one.iso).toBeGreaterThanOrEqual(one.good![0]);
				expect(one.iso).toBeLessThanOrEqual(one.good![1]);
			}),
			{ numRuns: draws(300) }
		);
		expect(inside).toBeGreaterThan(draws(300));
		expect(outside).toBeGreaterThan(draws(300) / 4);
	});
});
