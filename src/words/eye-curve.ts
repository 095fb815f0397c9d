import type { EyeCurve, EyeNote } from '../core/bench';

/** What firings of an empty camera say of themselves, in words. */
const notes: Readonly<Record<EyeNote, string>> = {
	'few-steps':
		'Fewer than three steps lie between the limits: how it follows the light is hardly known. Use steps between them.',
	'dark-steps': 'The darkest steps are hardly brighter than the screen’s black, and say little.',
	flicker: 'Times shorter than two periods of the screen’s flicker are left out.',
	wild: 'Some firings go with no others: fire those again.'
};

/**
 * What there is to say of firings.
 *
 * @example eyeNotes({ notes: ['flicker'] }) // ['Times shorter than two periods of the screen’s flicker are left out.']
 */
export const eyeNotes = (curve: Pick<EyeCurve, 'notes'>): string[] => curve.notes.map((note) => notes[note]);
