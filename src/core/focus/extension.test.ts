import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { logarithmic, real } from '../../../tests/fixtures/arbitraries';
import { foldingInstant, twinLens } from '../../../tests/fixtures/automatic';
import { colourNegative400, fixedCamera, losesNothing, steppedCamera } from '../../../tests/fixtures/bag';
import { cameraKinds, movesOut, type Camera } from '../camera';
import { bestOutcome, reach } from '../match';
import { closeUpLoss, distanceFromLens, extensionLoss } from '.';

describe('a lens that moves out to focus near', () => {
	// Source: the thin lens equation by hand: m = 117/(260 − 117) = 0.818, 2·log2 1.818 = 1.72; 117/883 = 0.1325 → 0.36.
	it('loses two log2 of one and the magnification', () => {
		expect(extensionLoss(117, 0.26)).toBeCloseTo(1.72, 2);
		expect(extensionLoss(117, 1)).toBeCloseTo(0.36, 2);
		// Source: the published rule of thumb: life size costs two stops.
		expect(extensionLoss(50, 0.1)).toBeCloseTo(2, 9);
		expect(extensionLoss(50, null)).toBe(0);
	});

	// Source: the same equation, solved the long way round: the image lies at s' = f·s/(s − f), and the light
	// falls with the square of the distance from there, against f at infinity.
	it('loses what the distance of the film from the lens costs, both distances going together', () => {
		fc.assert(
			fc.property(real(20, 150), logarithmic(2.2, 400), (focalLength, times) => {
				const s = (focalLength * times) / 1000;
				const behind = (focalLength * s) / (s * 1000 - focalLength);
				expect(extensionLoss(focalLength, s)).toBeCloseTo(2 * Math.log2((behind * 1000) / focalLength), 6);
				expect(distanceFromLens(focalLength, s + behind)).toBeCloseTo(s, 6);
			})
		);
	});

	it('is no number that is none, however near it is set', () => {
		for (const distance of [0.01, 0.05, 0.0500001, 0.06])
			expect(extensionLoss(50, distance)).toBeLessThanOrEqual(2 * Math.log2(11));
		expect(distanceFromLens(50, 0.1)).toBe(0.1);
	});
});

describe('what a camera loses near', () => {
	const near = { subjectDistance: 0.5 };
	const scene = { ev: 12 };

	// Source: by hand: m = 60/440, 2·log2(1 + m) = 0.37.
	it('counts in the error, in why, and in the light that it works in', () => {
		const camera = twinLens({ focalLength: 60 });
		const film = { ...colourNegative400, ...losesNothing };
		const fixed = { aperture: 8, compensation: 0 };
		const [far, close] = [{}, near].map((wish) => bestOutcome(camera, film, scene, { ...fixed, ...wish }));
		expect(close.error - far.error).toBeCloseTo(-0.37, 2);
		expect(close.why?.closeUp).toBeCloseTo(-0.37, 2);
		expect(far.why?.closeUp).toBeUndefined();
		const [from, to] = [{}, near].map((wish) => reach(camera, film, { ...fixed, ...wish }).good[0]);
		expect(to[1]).toBeGreaterThan(from[1]);
	});

	it('is nothing where the front cell turns, nothing moves, a close-up lens does it, or the body makes up for it', () => {
		expect(closeUpLoss(fixedCamera(), 0.5)).toBe(0);
		expect(closeUpLoss(twinLens(), undefined)).toBe(0);
		expect(
			closeUpLoss(twinLens({ focus: { kind: 'continuous', nearest: 0.5, by: 'front-cell' } }), 0.5)
		).toBe(0);
		expect(closeUpLoss(foldingInstant({}, { compensatesCloseUp: true }), 0.3)).toBe(0);
		// Two dioptres bring what stands at 0.5 m to infinity.
		expect(closeUpLoss(twinLens(), 0.5, 2)).toBeCloseTo(0, 9);
	});

	it('is that of the mark that the lens is set to, where a few marks move all of it', () => {
		const camera: Camera = {
			...steppedCamera(),
			focus: { kind: 'zones', distances: [0.6, 1, 2, null], by: 'unit' }
		};
		expect(closeUpLoss(camera, 0.7)).toBeCloseTo(extensionLoss(camera.focalLength, 0.6), 9);
		expect(closeUpLoss(camera, 50)).toBe(0);
		expect(movesOut({ ...camera, focus: { kind: 'zones', distances: [1, null] } })).toBe(false);
	});

	it('is less than half a stop for every kind of camera where it focuses nearest', () => {
		for (const { camera } of cameraKinds) {
			const nearest = camera.focus.kind === 'continuous' ? camera.focus.nearest : 1;
			expect(closeUpLoss({ name: '', ...camera } as Camera, nearest)).toBeLessThan(0.5);
		}
	});
});
