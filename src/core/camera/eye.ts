import { effectiveSpeed, type Film } from '../film';
import { nearestInStops, speedStops } from '../units';
import type { AutomaticExposure, Camera, Filter, Position, Wheel } from './types';

/** An eye that nobody has tested averages a scene this well, stops; common practice. */
export const USUAL_SCATTER = 0.4;

/** The automatic exposure of a camera, or null where the person sets everything. */
export function automaticExposure(camera: Pick<Camera, 'exposure'>): AutomaticExposure | null {
	return camera.exposure.mode === 'auto' ? camera.exposure : null;
}

/** Doubt of an eye from frame to frame, stops. */
export function scatterOf(eye: AutomaticExposure): number {
	return eye.scatter ?? USUAL_SCATTER;
}

/**
 * Film speeds that an eye can really be told: those of its dial where its lever leaves the dial free, and
 * those that places of the lever name instead.
 *
 * @returns ISO, each once, the dial's in its order; empty without an eye
 * @example dialSpeeds(an eye with a dial of 75 and 150, and a lever of one place at ISO 150) // [150]
 */
export function dialSpeeds(camera: Camera): number[] {
	const eye = automaticExposure(camera);
	if (!eye) return [];
	const places = camera.positions?.length ? camera.positions : [null];
	return [...new Set(places.flatMap((place) => speedsAt(eye, place)))];
}

/**
 * Where a film-speed dial belongs: at the film's own speed, or as near to it as it goes. What is set
 * beside it lightens or darkens, as the wheel does off its middle.
 *
 * @param speeds ISO, of the dial
 * @param film as it is processed
 * @example neutralOn([75, 150, 300], a film of ISO 160) // 150
 */
export const neutralOn = (speeds: readonly number[], film: Film): number =>
	nearestInStops(speeds, effectiveSpeed(film));

/**
 * Film speeds that an eye can be told at a place of its lever: the one that the place names, or its dial's.
 *
 * @example speedsAt(an eye with a dial of 75 and 150, { label: 'room', iso: 800 }) // [800]
 */
export const speedsAt = (eye: AutomaticExposure, place: Position | null): readonly number[] =>
	place?.iso === undefined ? eye.iso : [place.iso];

const ROUNDING = 1e-9;

/**
 * Every place of a wheel: whole multiples of its click about 0.
 *
 * @returns stops, rising; [0] where there is no wheel
 * @example wheelPositions({ darken: -1, lighten: 1, step: 0.5 }) // [-1, -0.5, 0, 0.5, 1]
 */
export function wheelPositions(wheel: Wheel | undefined): number[] {
	if (!wheel) return [0];
	const { darken, step } = wheel;
	const first = Math.ceil(darken / step - ROUNDING);
	return Array.from({ length: wheelPlaces(wheel) }, (_, index) => (first + index) * step + 0);
}

/**
 * How many places a wheel has, by arithmetic: what is asked of a wheel that nobody has looked at yet.
 *
 * @returns a number that is none where the wheel's are none, or its click is nothing
 * @example wheelPlaces({ darken: -1, lighten: 1, step: 1 / 3 }) // 7
 */
export function wheelPlaces({ darken, lighten, step }: Wheel): number {
	return Math.floor(lighten / step + ROUNDING) - Math.ceil(darken / step - ROUNDING) + 1;
}

/** Stops that filters take from the light of the eye itself. */
export function stopsOverEye(eye: AutomaticExposure, filters: readonly Filter[]): number {
	const covers = (filter: Filter) => filter.overMeter ?? eye.meterBehindFilter ?? false;
	return filters.reduce((sum, filter) => sum + (covers(filter) ? filter.stops : 0), 0);
}

/**
 * How far above the light on its meter an eye aims: V = EVmeter + log2(Scam/100) − w − b, less what
 * filters take from its light. The wheel and the learned offset move what it aims for, before any limit.
 * Source: the APEX equation Ev = Bv + Sv.
 *
 * @param iso the film speed that it is told
 * @param wheel stops, + = lighten
 * @param offset learned, stops, + = it gives more than it should
 * @returns stops to add to the EV on the meter
 * @example aimAbove(an eye at ISO 160, 160, 0, 0, []) // 0.68
 */
export function aimAbove(
	eye: AutomaticExposure,
	iso: number,
	wheel: number,
	offset: number,
	filters: readonly Filter[]
): number {
	return speedStops(iso) - wheel - offset - stopsOverEye(eye, filters);
}
