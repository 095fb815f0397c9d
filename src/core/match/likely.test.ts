import { describe, expect, it } from 'vitest';
import { mean, standardDeviation } from 'simple-statistics';
import { cameraKind, type Camera } from '../camera';
import type { Film } from '../film';
import { bestOutcome, expectedOf, likelyErrors } from '.';

const film: Film = { name: 'Any 400', type: 'colour-negative', iso: 400 };
const box: Camera = { name: 'Box', ...cameraKind('box')!.camera };
const folding: Camera = { name: 'Folding', ...cameraKind('folding-instant')!.camera };
const instant: Film = { name: 'Pack', type: 'instant', iso: 640 };

describe('ten frames, all equally likely', () => {
	it('have the mean and the spread of the doubt', () => {
		const light = { ev: 12, sd: 0.5 };
		const made = bestOutcome(box, film, light);
		const errors = likelyErrors(box, film, light, {}, made);
		const { error, sd } = expectedOf(box, film, light, {}, made);
		expect(mean(errors)).toBeCloseTo(error, 6);
		// By hand: hypot of the light's 0.5, the body's 0.3 and the film's 0.15 is 0.602; ten middles spread a little less.
		expect(sd).toBeCloseTo(0.602, 3);
		expect(standardDeviation(errors) / sd).toBeGreaterThan(0.9);
		expect(errors).toEqual(errors.toSorted((a, b) => a - b));
	});

	it('lie to one side where an eye may run into its limit', () => {
		const light = { ev: 16, sd: 0.7 };
		const made = bestOutcome(folding, instant, light);
		const errors = likelyErrors(folding, instant, light, {}, made);
		const middle = (errors[4] + errors[5]) / 2;
		expect(errors[9] - middle).toBeGreaterThan(middle - errors[0]);
	});

	it('share the doubt of the body, and by hand that of the light', () => {
		const light = { ev: 12, sd: 0.5 };
		const byHand = expectedOf(box, film, light, {}, bestOutcome(box, film, light));
		expect(byHand.shared).toBeCloseTo(byHand.sd, 6);
		const room = { ev: 9, sd: 0.5 };
		const byEye = expectedOf(folding, instant, room, {}, bestOutcome(folding, instant, room));
		expect(byEye.shared).toBeLessThan(byEye.sd);
		expect(byEye.clamped).toBe(false);
	});
});
