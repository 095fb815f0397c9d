/** What is known of a kind of body in the dark; common practice, to be tried out on one's own. */
const eyeOfFolding = [
	'Most go to 10 or 14 s by themselves, some to half a minute with a fresh battery, and then close as if all were well.',
	'With the eye covered and the wheel to lighten, it stays open as long as it can: uncover the lens, not the eye, and count.'
];
const integral = [
	'Simple bodies give up at ¼ to 1 s: what they call night is a flash.',
	'Holding the circuit open (the button held down while the lens is covered) makes longer times; the print must then be ejected with the lens covered, or in the dark.'
];
const bulb = ['On B the cable release stays pressed: a lock on it saves your thumb and the picture.'];

const byKind: Readonly<Record<string, readonly string[]>> = {
	'folding-instant': eyeOfFolding,
	'converted-pack': [
		'Old electric eyes reach 10 s, with a fresh battery up to a minute; a weak one ends early and says nothing.',
		eyeOfFolding[1],
		'Back’s motor off until it has closed.'
	],
	'automatic-pack': [
		'Old electric eyes reach 10 s, with a fresh battery up to a minute; a weak one ends early and says nothing.',
		eyeOfFolding[1]
	],
	'box-instant': integral,
	'instant-twin-lens': [
		'Ends at about 1 s, and closes early in very little light.',
		'Held open by its B setting, it counts as long as you press; eject in the dark or with the lens covered.'
	],
	'automatic-point-and-shoot': [
		'Holds about 1 s at most, and fires its flash first: switch that off where you can.'
	],
	box: bulb,
	'plastic-medium-format': bulb,
	'full-settings': bulb,
	pinhole: ['A cap is your shutter: take it off without touching the box, and wait until it is still.'],
	cine: ['One time only. Half the frame rate gives a stop, single frames with the button held give more.'],
	'automatic-cine': ['At its widest opening the needle stops: from there it is too dark, whatever it says.'],
	'swing-lens': ['The drum must run through: on its slow row it stands on something, or every stripe shows.']
};

/**
 * Notes of a kind of body for night and long exposures.
 *
 * @returns none for a kind without any
 * @example nightNotes('box')[0].startsWith('On B') // true
 */
export function nightNotes(kind: string | undefined): readonly string[] {
	return kind !== undefined && Object.hasOwn(byKind, kind) ? byKind[kind] : [];
}

/** Kinds whose simple lens shows the sun, or light from the side, as a veil; common practice. */
const veiling: ReadonlySet<string> = new Set([
	'box',
	'plastic-medium-format',
	'point-and-shoot',
	'box-instant',
	'instant-twin-lens',
	'swing-lens',
	'cine',
	'automatic-cine'
]);

/** Whether the lens of a kind of body flares. */
export function flares(kind: string | undefined): boolean {
	return kind !== undefined && veiling.has(kind);
}
