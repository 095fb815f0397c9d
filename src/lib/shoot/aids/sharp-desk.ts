import { circleOfConfusion, controlsOf, type Camera } from '$core/camera';
import { chooseFocus, closeUpZone, sharpZone, type SharpZone } from '$core/focus';
import { fullStopApertures } from '$core/units';

/** The f-numbers among which one chooses for depth: marks, or full stops of a ring. */
export function aperturesOf(camera: Camera): number[] {
	const all = controlsOf(camera).flatMap(({ aperture }) =>
		aperture.kind === 'listed'
			? aperture.values
			: [aperture.from, ...fullStopApertures.filter((f) => f > aperture.from && f < aperture.to), aperture.to]
	);
	return [...new Set(all)].sort((a, b) => a - b);
}

/**
 * What is sharp at an f-number: with the lens on a mark, or where it suits the subject best, and through
 * a close-up lens where one is on.
 *
 * @param mark place among the marks of a lens with zones
 * @param dioptres of the close-up lens; 0 = none
 */
export function zoneOf(
	camera: Camera,
	f: number,
	{ subject, mark, dioptres = 0 }: { subject?: number; mark?: number; dioptres?: number }
): SharpZone {
	const { focus, focalLength } = camera;
	const marked = focus.kind === 'zones' && mark !== undefined ? focus.distances[mark] : undefined;
	if (marked === undefined) return chooseFocus(camera, f, subject, dioptres).sharp;
	const zone = sharpZone(focalLength, f, circleOfConfusion(camera), marked);
	return dioptres > 0 ? closeUpZone(zone, dioptres) : zone;
}
