import { axisHas, controlsOf, type Axis, type Camera } from '../camera';
import type { Intent } from '../match';

/** Marks that differ by less are one: f/16 is also 15.6, as a factor. Common practice. */
const SAME = 2 ** (1 / 12);

function leastOn(axis: Axis, f: number): number | null {
	if (axis.kind === 'range') return axis.to * SAME < f ? null : Math.min(axis.to, Math.max(axis.from, f));
	const enough = axis.values.filter((value) => value * SAME >= f);
	return enough.length > 0 ? Math.min(...enough) : null;
}

/**
 * What is asked of a camera that is to give a depth: its widest aperture that is small enough.
 *
 * @param intent what is wanted beside
 * @param depth f-number that is at least wanted; absent: any will do
 * @returns null where the camera has none so small, or its eye sets the aperture
 * @example intentForDepth(a camera with f/8, f/11 and f/22, {}, 16) // { aperture: 22 }
 */
export function intentForDepth(camera: Camera, intent: Intent, depth: number | undefined): Intent | null {
	if (depth === undefined) return intent;
	const byHand = camera.exposure.mode === 'manual' || camera.exposure.sets === 'time';
	if (!byHand) return null;
	const found = controlsOf(camera).flatMap(({ aperture }) => leastOn(aperture, depth) ?? []);
	if (found.length === 0) return null;
	const aperture = Math.min(...found);
	const has = controlsOf(camera).some((control) => axisHas(control.aperture, aperture));
	return has ? { ...intent, aperture } : null;
}
