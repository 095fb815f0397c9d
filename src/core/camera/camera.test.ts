import { describe, expect, it } from 'vitest';
import { foldingInstant } from '../../../tests/fixtures/automatic';
import { fixedCamera, rangedCamera, steppedCamera } from '../../../tests/fixtures/bag';
import {
	cameraKinds,
	circleOfConfusion,
	controlsOf,
	markLabel,
	offsetOf,
	onlyByHand,
	slowestByHand,
	withAnyFilm,
	withOffset,
	type Camera,
	wideOpenFrom
} from '.';

describe('what can be set', () => {
	it('is one aperture and one time on the simplest camera', () => {
		expect(controlsOf(fixedCamera())).toEqual([
			{
				position: null,
				aperture: { kind: 'listed', values: [11] },
				shutter: { kind: 'listed', values: [1 / 100] },
				handTimed: false,
				automatic: false,
				manual: false
			}
		]);
	});

	it('has bulb beside the timed shutter, from half a second on', () => {
		const [, bulb] = controlsOf(fixedCamera({ bulb: { longest: 30 } }));
		expect(bulb).toMatchObject({ handTimed: true, shutter: { kind: 'range', from: 0.5, to: 30 } });
		const [, endless] = controlsOf(fixedCamera({ bulb: true }));
		expect(endless.shutter).toMatchObject({ to: 3600 });
	});

	it('takes a range of no width for one value', () => {
		const [only] = controlsOf(rangedCamera({ aperture: { kind: 'range', widest: 8, smallest: 8 } }));
		expect(only.aperture).toEqual({ kind: 'listed', values: [8] });
	});

	it('lets a lever move aperture and time together', () => {
		const lever = fixedCamera({ positions: [{ label: 'lamp', f: 4, seconds: 1 / 15 }, { label: 'sun' }] });
		const [lamp, sun] = controlsOf(lever);
		expect(lamp.aperture).toEqual({ kind: 'listed', values: [4] });
		expect(sun.shutter).toEqual({ kind: 'listed', values: [1 / 100] });
	});

	it('knows which times a person has to count', () => {
		const box = fixedCamera({ bulb: true });
		expect(onlyByHand(box, 1 / 100)).toBe(false);
		expect(onlyByHand(box, 4)).toBe(true);
		expect(onlyByHand(steppedCamera(), 4)).toBe(false);
	});

	it('calls a setting by the camera’s own mark', () => {
		const marked = fixedCamera({ aperture: { kind: 'stops', f: [8, 11], labels: ['cloud', ''] } });
		expect(markLabel(marked, 8, null)).toBe('cloud');
		expect(markLabel(marked, 11, null)).toBeNull();
		expect(markLabel(marked, 8, 'lever up')).toBe('lever up');
	});
});

describe('an eye that sets both', () => {
	const camera = fixedCamera({
		aperture: { kind: 'range', widest: 8, smallest: 22 },
		shutter: { kind: 'range', fastest: 1 / 250, slowest: 1 },
		exposure: { mode: 'auto', sets: 'both', iso: [640] }
	});

	// Common practice: wide open up to about 1/40 s, and surely from 1/30 s on.
	it('is wide open for long times', () => {
		expect(wideOpenFrom(camera)).toBeCloseTo(1 / 30, 9);
		expect(wideOpenFrom({ ...camera, aperture: { kind: 'fixed', f: 8 } })).toBeUndefined();
		expect(wideOpenFrom({ ...camera, exposure: { mode: 'auto', sets: 'time', iso: [640] } })).toBeUndefined();
	});
});

describe('a wheel that was measured', () => {
	const eye = foldingInstant({ offset: { stops: 0.1, sd: 0.3 } });
	const turned = (camera: Camera, does?: { stops: number; sd: number }) =>
		({
			...camera,
			exposure: { ...camera.exposure, compensation: { darken: -1, lighten: 1, step: 0.5, does } }
		}) as Camera;

	it('gives so much less than it says, in so much more doubt, and in its middle nothing', () => {
		const measured = turned(eye, { stops: 0.8, sd: 0.4 });
		expect(offsetOf(measured, 0)).toEqual({ stops: 0.1, sd: 0.3 });
		// By hand: 0.1 + 1·(0.8 − 1); √(0.3² + 0.4²).
		expect(offsetOf(measured, 1).stops).toBeCloseTo(-0.1, 9);
		expect(offsetOf(measured, 1).sd).toBeCloseTo(0.5, 9);
		expect(offsetOf(measured, -0.5).stops).toBeCloseTo(0.2, 9);
		expect(offsetOf(turned(eye), 1)).toEqual({ stops: 0.1, sd: 0.3 });
	});

	it('stands beside a dial whose marks were measured', () => {
		const measured = turned(
			foldingInstant(
				{ offset: { stops: 0.1, sd: 0.3 } },
				{ iso: [160, 640], dial: [{ iso: 640, stops: 0.5, sd: 0.4 }] }
			),
			{ stops: 0.8, sd: 0 }
		);
		// By hand: 0.1 − 0.2 + 0.5; √(0.3² + 0.4²).
		expect(offsetOf(measured, 1, 640).stops).toBeCloseTo(0.4, 9);
		expect(offsetOf(measured, 1, 640).sd).toBeCloseTo(0.5, 9);
		expect(offsetOf(measured, 0, 160)).toEqual({ stops: 0.1, sd: 0.3 });
	});

	it('is left out where an offset has it already, and kept for any other film', () => {
		const measured = turned(eye, { stops: 0.8, sd: 0.4 });
		expect(offsetOf(withOffset(measured, { stops: 0, sd: 0.2 }), 1)).toEqual({ stops: 0, sd: 0.2 });
		const together = {
			beside: { stops: 0.2, sd: 0.1 },
			wheel: { stops: -0.3, sd: 0.1, covariance: 0.01 },
			body: { stops: 0.4, sd: 0.2 }
		};
		const taught = { ...measured, together } as Camera;
		expect(offsetOf(taught, 1).stops).toBeCloseTo(-0.2, 9);
		expect(offsetOf(withAnyFilm(taught), 1).stops).toBeCloseTo(0.1, 9);
		expect(withAnyFilm(measured)).toBe(measured);
	});
});

describe('what is sharp and steady', () => {
	// Source: common practice: frame diagonal / 1500; 43.27 mm for 36 × 24 gives 0.0288 mm.
	it('is judged by the frame', () => {
		expect(circleOfConfusion(fixedCamera())).toBeCloseTo(0.0288, 4);
		expect(circleOfConfusion(fixedCamera({ circleOfConfusion: 0.05 }))).toBe(0.05);
	});

	// Source: common practice: 2/f in 35 mm terms; 80 mm on 6 × 6 cm (diagonal 79.2) is 43.7 mm, 1/22 s.
	it('is held to twice the reciprocal of the focal length in 35 mm terms', () => {
		expect(slowestByHand(fixedCamera({ focalLength: 40 }))).toBeCloseTo(1 / 20, 3);
		const square = fixedCamera({ focalLength: 80, frame: { width: 56, height: 56 } });
		expect(1 / slowestByHand(square)).toBeCloseTo(21.9, 0);
		expect(slowestByHand(fixedCamera({ handHold: 1 / 30 }))).toBe(1 / 30);
		expect(slowestByHand(fixedCamera({ framesPerSecond: 16 }))).toBe(Infinity);
	});
});

describe('the kinds of the bag', () => {
	it('each have their own name, a way to be recognised and what needs measuring', () => {
		expect(new Set(cameraKinds.map(({ id }) => id)).size).toBe(cameraKinds.length);
		for (const { name, looks, measure, frames } of cameraKinds) {
			expect(Math.min(name.length, looks.length, measure.length)).toBeGreaterThan(3);
			expect(frames).toBeGreaterThan(0);
		}
	});
});
