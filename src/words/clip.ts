import type { ClipMeasured, ClipRefusal } from '../core/bench';

/**
 * Why a clip tells nothing, and what to do about it.
 *
 * @example clipRefused['no-firings'] // 'There is nothing in it but the open shutter. Fire three times first.'
 */
export const clipRefused: Readonly<Record<ClipRefusal, string>> = {
	'no-reference':
		'Nowhere in it is the shutter open for a second. Hold it open for two at the end, at B or T, or mark below where it is open.',
	'no-firings': 'There is nothing in it but the open shutter. Fire three times first.',
	'too-bright':
		'The open shutter is as bright as a video gets, so nothing can be measured by it. Make the light dimmer, or the phone’s exposure darker, and film again.',
	unsteady:
		'The light changed while the shutter was held open. Lock the phone’s exposure, use a light that is steady, and film again.',
	dimmer:
		'Its firings, or the rows of its pictures, differ by more than a fifth: the phone exposes only part of each frame. Make the light dimmer, or film at more frames a second. If they still differ, the shutter itself is uneven.',
	transfer:
		'This is an HDR video, or one whose numbers say nothing sure about light. Switch HDR off, or let the screen run through its steps while the shutter is held open.'
};

/** Why the times of a clip are no surer than they are. */
export function clipDoubt({ steps, firings }: Pick<ClipMeasured, 'steps' | 'firings'>): string[] {
	return [
		...(steps > 0
			? []
			: [
					'How this phone turns light into numbers is taken from the standard, which phones don’t keep to: 15 % in doubt. Let the screen run through its steps behind the open shutter, and it’s measured.'
				]),
		...(firings.length < 3
			? ['Fire three times or more: fewer can’t show that the phone exposes whole frames.']
			: [])
	];
}
