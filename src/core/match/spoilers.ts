import { circleOfConfusion, slowestByHand, type Camera } from '../camera';
import { blurOf, seenThrough, type Focused } from '../focus';
import type { Intent, Spoiler, SpoilerKind } from './types';

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

/** Whether an outcome, or a frame, is spoiled in a way. */
export const isSpoiledBy = ({ spoilers }: { spoilers: readonly Spoiler[] }, kind: SpoilerKind): boolean =>
	spoilers.some((spoiler) => spoiler.kind === kind);

/** Where a subject lies outside the zone that is sharp, and by how many circles of confusion it is blurred. */
function outOfFocus(
	camera: Camera,
	f: number,
	{ subject, closeUp = 0 }: { subject: number; closeUp?: number },
	{ focus, sharp }: Focused
): Spoiler[] {
	const near = subject < sharp.from;
	if (!near && (sharp.to === null || subject <= sharp.to)) return [];
	const { focus: own, focalLength } = camera;
	const set = focus ? focus.distance : own.kind === 'fixed' ? own.distance : null;
	const by = blurOf(focalLength, f, set, seenThrough(subject, closeUp)) / circleOfConfusion(camera);
	return [{ kind: near ? 'near' : 'far', by }];
}

/**
 * What would spoil a frame even if its exposure is right, and how badly.
 *
 * @param camera the camera
 * @param intent how it is held, and how the subject stands and moves
 * @param setting f-number, and exposure time in s
 * @param focused the focus set and the zone that is sharp
 * @example spoilersOf(a box steady to 1/30 s, {}, { f: 14, seconds: 4 / 30 }, focused) // [{ kind: 'shake', by: 2 }]
 */
export function spoilersOf(
	camera: Camera,
	intent: Intent,
	{ f, seconds }: { f: number; seconds: number },
	focused: Focused
): Spoiler[] {
	const spoilers: Spoiler[] = [];
	const slowest = slowestByHand(camera);
	if (intent.handheld !== false && seconds > slowest * MARK_TOLERANCE) {
		spoilers.push({ kind: 'shake', by: Math.log2(seconds / slowest) });
	}
	const speed = intent.subjectSpeed ?? 0;
	const circle = circleOfConfusion(camera);
	const blur = blurOnFilm(camera.focalLength, speed, seconds, distanceForMotion(intent, focused));
	if (blur > circle) spoilers.push({ kind: 'motion', by: Math.log2(blur / circle) });
	const { subjectDistance: subject, closeUp } = intent;
	if (subject !== undefined) spoilers.push(...outOfFocus(camera, f, { subject, closeUp }, focused));
	return spoilers;
}
