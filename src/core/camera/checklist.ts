/** What hands forget, the most forgotten first; common practice. */
export interface Checklist {
	/** Before and while loading. */
	load: string[];
	/** At each frame. */
	frame: string[];
}

const anyFrame = ['Lens cap or cover off', 'Fingers off lens and eye', 'Sun behind you or to the side'];
const instant: Checklist = {
	load: [
		'Film of the right kind for body and battery',
		'In the shade',
		'First cover sheet out with the back in place'
	],
	frame: [
		'Wheel where it was left?',
		'Filter on the pack',
		'Flash only when its light glows',
		'Print shielded, and warm',
		...anyFrame
	]
};
const roll: Checklist = {
	load: ['Leader caught on the take-up, under tension', 'Wound until it stops'],
	frame: ['Wound on', 'Cocked', ...anyFrame, 'Nearer than the sharp zone? Step back']
};
const pack: Checklist = {
	load: ['Bellows locked', 'Battery fresh', 'Dark slide out'],
	frame: [
		'Cocked',
		'Dial and scene row set',
		'Dark slide out',
		'Back’s motor off until the print',
		...anyFrame
	]
};
const peel: Checklist = {
	load: [...pack.load, 'White tabs free'],
	frame: [...pack.frame.slice(0, 2), ...anyFrame, 'Pull straight and steady', 'No skin on the paste']
};
const cine: Checklist = {
	load: [
		'In dim light',
		'Loop formed, film flush, gate closed',
		'Footage counter set',
		'Flip the spool after side one'
	],
	frame: ['Wound tight', ...anyFrame, 'Finder mask for this lens', 'Three to ten seconds a shot']
};

/** By kind of camera; all others are loaded with rolls. */
const byKind: Readonly<Record<string, Checklist>> = {
	'folding-instant': instant,
	'box-instant': instant,
	'instant-twin-lens': instant,
	'converted-pack': pack,
	'automatic-pack': peel,
	'full-settings': pack,
	cine,
	'automatic-cine': cine
};

/**
 * The list to start from for a kind of camera.
 *
 * @example usualChecklist('cine').load[0] // 'In dim light'
 */
export function usualChecklist(kind: string | undefined): Checklist {
	const found = kind !== undefined && Object.hasOwn(byKind, kind) ? byKind[kind] : roll;
	return { load: [...found.load], frame: [...found.frame] };
}
