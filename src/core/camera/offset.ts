import { cameraKind } from './kinds';
import { automaticExposure } from './eye';
import type { Camera, Wheel } from './types';

/** Doubt of a body that nobody has tested, stops: a mechanical shutter, or an eye; common practice. */
const MECHANICAL_SD = 0.3;
export const EYE_OFFSET_SD = 0.5;

/** What a body that nobody has tested gives: nothing beside its settings, in doubt by its kind. */
export function usualOffset(camera: Camera): { stops: number; sd: number } {
	const own = cameraKind(camera.kind)?.offsetSd;
	return { stops: 0, sd: own ?? (automaticExposure(camera) ? EYE_OFFSET_SD : MECHANICAL_SD) };
}

/** What a stop of the wheel does beyond a stop, as it was measured with the empty camera; null where nobody has. */
export function measuredGain(camera: Camera): { stops: number; sd: number } | null {
	const does = automaticExposure(camera)?.compensation?.does;
	return does ? { stops: does.stops - 1, sd: does.sd } : null;
}

/** What is known of the wheel: by frames, which stand on what was measured; or by that alone. */
export function gainOf(camera: Camera): WheelGain | null {
	const learnt = togetherOf(camera)?.wheel;
	if (learnt) return learnt;
	const measured = measuredGain(camera);
	return measured && { ...measured, covariance: 0 };
}

/** What a mark of the dial gives beside what is written on it, as it was measured. */
export const markGiven = (camera: Camera, iso: number | null) =>
	iso === null ? undefined : automaticExposure(camera)?.dial?.find((mark) => mark.iso === iso);

/**
 * The camera's learned offset, or what is usual for one of its kind that nobody has tested.
 *
 * @param wheel place of its wheel, stops: where a stop of it was measured, or frames have told it, that is in it
 * @param iso place of its dial: where that mark was measured, it is in it
 * @example offsetOf(a box without an offset) // { stops: 0, sd: 0.3 }
 */
export function offsetOf(
	camera: Camera,
	wheel: number | null = 0,
	iso: number | null = null
): { stops: number; sd: number } {
	const given = turnedOffset(camera, wheel);
	const mark = markGiven(camera, iso);
	return mark ? { stops: given.stops + mark.stops, sd: Math.hypot(given.sd, mark.sd) } : given;
}

/** The same without the dial. */
function turnedOffset(camera: Camera, wheel: number | null): { stops: number; sd: number } {
	const offset = camera.offset ?? usualOffset(camera);
	const gain = wheel ? gainOf(camera) : null;
	if (!wheel || !gain) return offset;
	const variance = offset.sd ** 2 + 2 * wheel * gain.covariance + (wheel * gain.sd) ** 2;
	return { stops: offset.stops + wheel * gain.stops, sd: Math.sqrt(Math.max(0, variance)) };
}

/** The least doubt that an offset has at any place of the wheel, in any of its possibilities, stops. */
export function leastOffsetDoubt(camera: Camera): number {
	const { parts = [], wheel } = togetherOf(camera) ?? {};
	const least = Math.min(offsetOf(camera).sd, ...parts.map(({ sd }) => sd));
	return wheel ? Math.sqrt(Math.max(0, least ** 2 - (wheel.covariance / wheel.sd) ** 2)) : least;
}

/**
 * What frames say of a body together with a film, beside its offset: what the two add up to is known better
 * than either.
 */
export interface Together {
	/** Where it is one of several: each with its share, how far it lies from the offset, and its doubt, stops. */
	parts?: readonly { share: number; by: number; sd: number }[];
	/** What film, pack and judge add of it, stops: it stays where a limit holds the eye. */
	beside: { stops: number; sd: number };
	/** By hand: doubt of the way of reading that is in it, and so not in the light once more, stops. */
	reading?: number;
	/** What a stop of the wheel does beyond a stop, its doubt, and how that goes with the offset's, stops². */
	wheel?: WheelGain;
	/** What the body gives with any other film. */
	body: { stops: number; sd: number };
}

/** What a stop of the wheel does beyond a stop. */
export interface WheelGain {
	stops: number;
	sd: number;
	/** With what is known of the offset, stops². */
	covariance: number;
}

/** A camera of which frames have taught something, with the film that is in it. */
export interface TaughtCamera extends Camera {
	together: Together;
}

/** What frames say of a camera with its film; null where nothing was learnt of the two together. */
export const togetherOf = (camera: Camera): Together | null =>
	(camera as Partial<TaughtCamera>).together ?? null;

/** A wheel as it is marked. */
const asMarked = ({ does: _, ...marked }: Wheel): Wheel => marked;

/** A camera of which nothing is known but an offset: its wheel does what is marked on it. */
export function withOffset<C extends Camera>(camera: C, offset: { stops: number; sd: number }): C {
	const { together: _, ...plain } = camera as C & Partial<TaughtCamera>;
	const { exposure } = camera;
	if (exposure.mode === 'manual' || !exposure.compensation?.does) return { ...(plain as C), offset };
	const marked = { ...exposure, compensation: asMarked(exposure.compensation) };
	return { ...(plain as C), offset, exposure: marked };
}
