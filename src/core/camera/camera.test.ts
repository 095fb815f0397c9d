import { describe, expect, it } from 'vitest';
import { fixedCamera, rangedCamera, steppedCamera } from '../../../tests/fixtures/bag';
import { cameraKinds, circleOfConfusion, controlsOf, onlyByHand, markLabel, slowestByHand } from '.';

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
