import { circleOfConfusion, type Camera } from '../camera';
import { closeUpZone, seenThrough } from './close-up';
import { hyperfocal, sharpZone, type SharpZone } from './depth-of-field';

export interface FocusSetting {
	/** m; null = infinity */
	distance: number | null;
	/** The camera's own mark, or null. */
	label: string | null;
}

export interface Focused {
	/** null where the lens has nothing to set. */
	focus: FocusSetting | null;
	sharp: SharpZone;
}

const inverse = (distance: number | null) => (distance === null ? 0 : 1 / distance);

/** With no subject named: the mark that reaches infinity and begins nearest, else the farthest mark. */
function widestZone(zones: { index: number; sharp: SharpZone }[]): number {
	const endless = zones.filter((zone) => zone.sharp.to === null);
	if (endless.length > 0) return endless.reduce((a, b) => (b.sharp.from < a.sharp.from ? b : a)).index;
	return zones.reduce((a, b) => (b.sharp.from > a.sharp.from ? b : a)).index;
}

/**
 * Where to set the lens at an f-number: on the subject where its distance is known, else where most
 * comes out sharp.
 *
 * @param camera the camera
 * @param f f-number
 * @param subjectDistance m, optional
 * @param dioptres of a close-up lens before it, 1/m; 0 = none
 * @returns the mark to set and the zone that comes out sharp
 * @example chooseFocus(a fixed 28 mm lens at infinity, 16).focus // null
 */
export function chooseFocus(camera: Camera, f: number, subjectDistance?: number, dioptres = 0): Focused {
	const { focus, sharp } = focusOn(camera, f, lookedAt(subjectDistance, dioptres));
	return { focus, sharp: dioptres > 0 ? closeUpZone(sharp, dioptres) : sharp };
}

/** Where the lens itself has to look, m; infinite where a close-up lens brings it nearer than wanted all the same. */
function lookedAt(subject: number | undefined, dioptres: number): number | undefined {
	if (subject === undefined) return undefined;
	const distance = seenThrough(subject, dioptres);
	return distance > 0 ? distance : Infinity;
}

/** See chooseFocus, of the lens alone. */
function focusOn(camera: Camera, f: number, subjectDistance?: number): Focused {
	const { focus, focalLength } = camera;
	const circle = circleOfConfusion(camera);
	const zoneAt = (distance: number | null) => sharpZone(focalLength, f, circle, distance);
	if (focus.kind === 'fixed') return { focus: null, sharp: zoneAt(focus.distance) };
	if (focus.kind === 'continuous') {
		const wanted = subjectDistance ?? hyperfocal(focalLength, f, circle);
		const distance = wanted === Infinity ? null : Math.max(focus.nearest, wanted);
		return { focus: { distance, label: null }, sharp: zoneAt(distance) };
	}
	const zones = focus.distances.map((distance, index) => ({ index, distance, sharp: zoneAt(distance) }));
	const miss = (distance: number | null) => Math.abs(inverse(distance) - inverse(subjectDistance ?? null));
	const index =
		subjectDistance === undefined
			? widestZone(zones)
			: zones.reduce((a, b) => (miss(b.distance) < miss(a.distance) ? b : a)).index;
	const { distance, sharp } = zones[index];
	return { focus: { distance, label: focus.labels?.[index] ?? null }, sharp };
}
