import { effectiveSpeed, type Film } from '../film';
import { nearestInStops, speedStops } from '../units';
import type { AutomaticExposure, Camera, EyeResponse, Filter, Position, Wheel } from './types';

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

/** What an eye asks of its camera, as it goes with the light on its meter: V = slope · EV + above. */
export interface Aim {
	slope: number;
	/** Stops. */
	above: number;
}

/**
 * What an eye aims for: V = EVmeter + log2(Scam/100) − w − b, less what filters take from its light. Wheel and learned
 * offset move what it aims for, before any limit; a cell that leans moves it by (slope − 1) for each stop that the
 * light on it lies off the one about which it leans.
 * Source: the APEX equation Ev = Bv + Sv; of the lean: the photographic gamma of a cell, its time over the light on
 * logarithmic scales.
 *
 * @param iso the film speed that it is told
 * @param wheel stops, + = lighten
 * @param offset learned, stops, + = it gives more than it should
 * @returns a straight line over the EV on the meter
 * @example aimOf(an eye at ISO 160, 160, 0, 0, []) // { slope: 1, above: 0.68 }
 */
export function aimOf(
	eye: AutomaticExposure,
	iso: number,
	wheel: number,
	offset: number,
	filters: readonly Filter[]
): Aim {
	return aimWith(eye.response, iso, wheel, offset, stopsOverEye(eye, filters));
}

/** The same, of an eye of which only this is known; `over`: stops that cover its cell. */
export function aimWith(
	response: EyeResponse | undefined,
	iso: number,
	wheel: number,
	offset: number,
	over: number
): Aim {
	const above = speedStops(iso) - wheel - offset - over;
	if (!response) return { slope: 1, above };
	const { slope, about } = response;
	return { slope, above: above + (1 - slope) * (about + over) };
}

/** The settings EV that an eye asks for in a light on its meter. */
export const askedBy = ({ slope, above }: Aim, meterEv: number): number => slope * meterEv + above;

/** The light on the meter in which an eye asks for a settings EV. */
export const lightFor = ({ slope, above }: Aim, v: number): number => (v - above) / slope;

/**
 * What a cell that leans gives beside what it should, in a light.
 *
 * @param meterEv EV at ISO 100 before the filters that cover the cell
 * @returns stops, + = more light on the film, and their doubt; nothing for a cell that was not measured
 * @example leanOf({ …, response: { slope: 0.9, sd: 0.02, about: 12 } }, 5, []) // { stops: -0.7, sd: 0.14 }
 */
export function leanOf(
	eye: AutomaticExposure,
	meterEv: number,
	filters: readonly Filter[]
): { stops: number; sd: number } {
	if (!eye.response) return { stops: 0, sd: 0 };
	return leanAt(eye.response, meterEv - stopsOverEye(eye, filters));
}

/** The same, by the light on the cell itself, EV at ISO 100. */
export function leanAt({ slope, sd, about }: EyeResponse, cellEv: number): { stops: number; sd: number } {
	const off = cellEv - about;
	return { stops: (1 - slope) * off, sd: sd * Math.abs(off) };
}
