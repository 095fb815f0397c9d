import { circleOfConfusion, slowestByHand, type Camera } from '../camera';
import type { Focused } from '../focus';
import type { Intent, Spoiler } from './types';

/** Times this much longer than a limit still count as the limit: marks are rounded. */
const MARK_TOLERANCE = 1.02;

/**
 * How far a subject's picture moves on film during the exposure: f·v·t/d.
 *
 * @param focalLength mm
 * @param speed across the view, m/s
 * @param seconds s
 * @param distance m
 * @returns mm
 * @example blurOnFilm(40, 1.5, 1 / 100, 3) // 0.2
 */
export function blurOnFilm(focalLength: number, speed: number, seconds: number, distance: number): number {
	return (focalLength * speed * seconds) / distance;
}

/** Where the subject stands for the sake of its motion: as said, else at the focus, else where sharpness begins. */
function distanceForMotion(intent: Intent, { focus, sharp }: Focused): number {
	return intent.subjectDistance ?? focus?.distance ?? sharp.from;
}

/**
 * What would spoil a frame even if its exposure is right.
 *
 * @param camera the camera
 * @param intent how it is held, and how the subject stands and moves
 * @param seconds exposure time, s
 * @param focused the focus set and the zone that is sharp
 * @example spoilersOf(aBox, {}, 1 / 4, focused) // ['shake']
 */
export function spoilersOf(camera: Camera, intent: Intent, seconds: number, focused: Focused): Spoiler[] {
	const spoilers: Spoiler[] = [];
	const byHand = intent.handheld !== false;
	if (byHand && seconds > slowestByHand(camera) * MARK_TOLERANCE) spoilers.push('shake');
	const speed = intent.subjectSpeed ?? 0;
	const blur = blurOnFilm(camera.focalLength, speed, seconds, distanceForMotion(intent, focused));
	if (blur > circleOfConfusion(camera)) spoilers.push('motion');
	const near = intent.subjectDistance !== undefined && intent.subjectDistance < focused.sharp.from;
	if (near) spoilers.push('near');
	return spoilers;
}
