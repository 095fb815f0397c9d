import { describe, expect, it } from 'vitest';
import { bestOutcome } from '$core/match';
import { colourNegative400, fixedCamera, steppedCamera } from '../../../tests/fixtures/bag';
import { measuredCamera } from './apply';
import type { Found } from './found';

const aperture = (marked: number, value: number): Found => ({
	what: 'aperture',
	marked,
	value,
	sd: 0.1,
	method: 'by ruler'
});
const shutter = (marked: number, value: number): Found => ({
	what: 'shutter',
	marked,
	value,
	sd: 0.1,
	method: 'by light'
});

describe('what was measured', () => {
	it('takes the place of the one mark, and of nothing else', () => {
		expect(measuredCamera(fixedCamera(), aperture(11, 12.4), []).aperture).toEqual({
			kind: 'fixed',
			f: 12.4
		});
		const stepped = measuredCamera(steppedCamera(), aperture(8, 8.7), []);
		expect(stepped.aperture).toMatchObject({
			f: [2.8, 4, 5.6, 8.7, 11, 16],
			labels: ['2.8', '4', '5.6', '8', '11', '16']
		});
		const slow = measuredCamera(steppedCamera(), shutter(1 / 60, 1 / 48), []);
		expect(slow.shutter).toEqual({ kind: 'speeds', seconds: [1 / 250, 1 / 125, 1 / 48, 1 / 30] });
	});

	// Source: the definition of a stop: a shutter twice as long gives a stop more.
	it('moves every answer by as much as the mark was off', () => {
		const error = (camera: ReturnType<typeof fixedCamera>) =>
			bestOutcome(camera, colourNegative400, { ev: 12 }).error;
		const measured = measuredCamera(fixedCamera(), shutter(1 / 100, 1 / 50), []);
		expect(error(measured) - error(fixedCamera())).toBeCloseTo(1, 9);
	});

	it('makes the body surer, the more so when both are measured, and never less sure', () => {
		const one = measuredCamera(fixedCamera(), aperture(11, 11), []);
		const before = { ...aperture(11, 11), cameraId: 'c', takenAt: '2026-05-02T10:00:00Z' };
		const both = measuredCamera(one, shutter(1 / 100, 1 / 100), [before]);
		expect(one.offset!.sd).toBeLessThan(0.3);
		expect(both.offset!.sd).toBeCloseTo(Math.hypot(0.1, 0.1), 9);
		const known = fixedCamera({ offset: { stops: -1 / 3, sd: 0.05 } });
		expect(measuredCamera(known, aperture(11, 11), []).offset).toEqual({ stops: -1 / 3, sd: 0.05 });
	});
});
