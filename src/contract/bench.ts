import { array, number, object } from 'yup';
import { FEWEST_TOLD, tellEnough, type EyeFiring, type Timing } from '../core/bench';
import { between, positive, stops } from './fields';
import { held } from './held';
import { check, type Checked } from './validate';

/** What is measured of an opening. */
export interface Opening {
	/** mm */
	focalLength: number;
	/** Diameter as seen through the front of the lens, mm. */
	opening: number;
	/** Doubt of the ruler, mm. */
	rulerSd: number;
	/** Doubt of the focal length, mm. */
	focalSd?: number;
}

/** A ruler is read to half a millimetre. */
export const RULER_SD = 0.5;

export const openingSchema = object({
	focalLength: positive(3000).required(),
	opening: positive(1000).required(),
	rulerSd: between(0, 100),
	focalSd: between(0, 1000)
});

/** Checks what was measured of an opening; the ruler's doubt is half a millimetre if not given. */
export function checkOpening(body: unknown): Checked<Opening> {
	const checked = check(openingSchema, body);
	return checked.ok ? { ok: true, value: { rulerSd: RULER_SD, ...checked.value } } : checked;
}

/** Firings of an empty camera, and how they were timed. */
export interface EyeRequest {
	firings: EyeFiring[];
	timing?: Timing;
}

/** So many that nobody fires more. */
const MOST_FIRINGS = 200;

export const eyeSchema = held<EyeRequest>()(
	object({
		firings: array(
			object({
				fraction: between(0, 1),
				seconds: number().required().min(1e-5).max(600),
				compensation: stops(10),
				iso: number().min(1).max(100_000),
				filter: number()
					.min(1 / 3)
					.max(12),
				sd: number().min(1e-6).max(60)
			}).required()
		)
			.required()
			.min(FEWEST_TOLD)
			.max(MOST_FIRINGS),
		timing: object({
			sd: number().required().min(1e-6).max(1),
			period: number().min(0).max(1),
			wideOpen: number().min(0).max(600)
		})
			.optional()
			.default(undefined)
	})
).required();

/** Checks firings of an empty camera: enough of those that count must be left. */
export function checkEye(body: unknown): Checked<EyeRequest> {
	const checked = check(eyeSchema, body);
	if (!checked.ok) return checked;
	const { firings, timing } = checked.value;
	if (tellEnough(firings, timing)) return checked;
	const message = `must hold ${FEWEST_TOLD} times at two lights that count: of two periods of the flicker or more, and with the aperture wide open`;
	return { ok: false, issues: [{ path: 'firings', message }] };
}
