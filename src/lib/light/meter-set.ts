import { controlsOf } from '$core/camera';
import { effectiveSpeed } from '$core/film';
import { degreesFromIso, isoFromDegrees } from '$core/units';
import { keepHere, keptHere } from '$lib/records/kept-here';
import type { InHand } from './panel';

/** What a meter is set to before it is looked at, so that little is left to type. */

/** A camera that meters is set by itself, not as the meter is. */
const KEYS = { meter: 'just-enough-meter-iso', photo: 'just-enough-photo-iso' };
type MeteredBy = keyof typeof KEYS;

/** ISO as it was last set here, else that of the film in the camera in hand. */
export function meterIso(inHand: InHand | null, by: MeteredBy = 'meter'): number {
	const film = inHand ? isoFromDegrees(degreesFromIso(effectiveSpeed(inHand.film))) : 100;
	return keptHere<number | null>(KEYS[by], null) ?? film;
}

/** Remembers what a meter was set to. */
export function keepMeterIso(iso: unknown, by: MeteredBy = 'meter'): void {
	if (typeof iso === 'number' && iso > 0) keepHere(KEYS[by], iso);
}

/** The time of a camera that has but one, s: the f-number is all that its meter is asked for. */
export function onlyTime(inHand: InHand | null): number | undefined {
	if (!inHand) return undefined;
	const timed = controlsOf(inHand.camera).filter(({ handTimed, automatic }) => !handTimed && !automatic);
	const times = new Set(
		timed.flatMap(({ shutter }) => (shutter.kind === 'listed' ? shutter.values : [NaN, 0]))
	);
	const [time] = times;
	return times.size === 1 ? time : undefined;
}
