import { automaticExposure, dialSpeeds, type Camera } from '../core/camera';
import { effectiveSpeed, type Film } from '../core/film';
import { NO_THIRD, stopsInWords } from '../core/units';

/**
 * Which film the eye of a camera believes to be in it.
 *
 * @param film what is in it, as it is to be developed
 * @param set ISO that its dial stands at, where that is known
 * @returns an empty text where there is no eye
 * @example eyeInWords(an eye for ISO 640, a film of ISO 800) // 'Its eye is built for ISO 640; this film is ⅓ stop faster.'
 */
export function eyeInWords(camera: Camera, film?: Film, set?: number): string {
	if (!automaticExposure(camera)) return '';
	const speeds = dialSpeeds(camera);
	const lowest = Math.min(...speeds);
	const highest = Math.max(...speeds);
	const iso = film ? effectiveSpeed(film) : undefined;
	const dial = set === undefined && lowest !== highest;
	const believed = dial ? Math.min(highest, Math.max(lowest, iso ?? lowest)) : (set ?? lowest);
	const fixed = set === undefined ? `Its eye is built for ISO ${believed}` : `Its dial is at ISO ${believed}`;
	const start = dial ? `Its dial goes from ISO ${lowest} to ${highest}` : fixed;
	const stops = iso === undefined ? 0 : Math.log2(iso / believed);
	if (Math.abs(stops) < NO_THIRD) return `${start}.`;
	return `${start}; this film is ${stopsInWords(Math.abs(stops))} ${stops > 0 ? 'faster' : 'slower'}.`;
}
