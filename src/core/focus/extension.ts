import { movesOut, type Camera } from '../camera';
import { chooseFocus } from './choose';

/** No lens is drawn out farther than for a picture this many times as large as what it is of. */
const LARGEST = 10;

/**
 * The light that a lens loses by moving out as a whole to focus near: 2·log2(1 + m), m = f/(s − f) with the
 * distance s from the lens. Source: the thin lens equation; illuminance falls with the square of 1 + m.
 *
 * @param focalLength f, mm
 * @param distance s, m from the lens; null = infinity
 * @returns stops, ≥ 0; at most that of a picture ten times as large as the subject
 * @example extensionLoss(117, 0.26) // 1.72
 */
export function extensionLoss(focalLength: number, distance: number | null): number {
	if (distance === null) return 0;
	const beyond = distance * 1000 - focalLength;
	const magnification = beyond > 0 ? Math.min(LARGEST, focalLength / beyond) : LARGEST;
	return 2 * Math.log2(1 + magnification);
}

/**
 * How far a subject is from the lens that is measured from the film plane: D = f·(2 + m + 1/m).
 * Source: the thin lens equation.
 *
 * @param focalLength f, mm
 * @param distance D, m from the film; null = infinity
 * @returns m from the lens; twice the focal length where D is less than its least, four times the focal length
 * @example distanceFromLens(50, 0.2) // 0.1
 */
export function distanceFromLens(focalLength: number, distance: number | null): number | null {
	if (distance === null) return null;
	const [f, whole] = [focalLength / 1000, distance];
	// s + s' = D and 1/s + 1/s' = 1/f: s is the larger root of s² − D·s + D·f = 0.
	const root = Math.sqrt(Math.max(0, whole ** 2 - 4 * whole * f));
	return Math.max(2 * f, (whole + root) / 2);
}

/**
 * What a camera's lens loses when it is focused on a subject. A lens that turns its front cell, one that is
 * fixed, a close-up lens before it, and a body that makes up for it by itself lose nothing.
 *
 * @param subjectDistance m; absent: it is not known how near
 * @param dioptres of a close-up lens, 1/m
 * @returns stops, ≥ 0
 * @example closeUpLoss(a 60 mm lens that moves out, 0.5) // 0.37
 */
export function closeUpLoss(camera: Camera, subjectDistance?: number, dioptres = 0): number {
	if (subjectDistance === undefined || !movesOut(camera)) return 0;
	// The aperture plays no part once the subject is named.
	const { focus } = chooseFocus(camera, 1, subjectDistance, dioptres);
	return focus ? extensionLoss(camera.focalLength, focus.distance) : 0;
}
