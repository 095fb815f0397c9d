import { object } from 'yup';
import { between, positive } from './fields';
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
