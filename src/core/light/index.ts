import { eye } from './eye';
import { lamp } from './lamp';
import { meter } from './meter';
import { shadows } from './shadows';
import type { Light, LightOnBoth, PlainLight, Reading, ResolvedLight, Rival, WayOfReading } from './types';

export * from './types';
export { distanceFor } from './lamp';
export { schools } from './shadows';
export * from './landmarks';

/** Every way of reading light; a new one is its own file and one line here. */
const ways: { readonly [M in Reading['method']]: WayOfReading<Extract<Reading, { method: M }>> } = {
	shadows,
	meter,
	lamp: lamp((light) => resolveLight(light)),
	eye
};

/** Doubt of a light given without one, stops. */
const DEFAULT_SD = 0.5;

function wayOf(reading: Reading): WayOfReading<Reading> {
	return ways[reading.method] as WayOfReading<Reading>;
}

function isReading(light: Light): light is Reading {
	return 'method' in light;
}

/**
 * Resolves a light or any reading of it to EV and doubt, for the subject and for the camera's meter.
 *
 * @param light a plain light or a reading
 * @returns EVs at ISO 100 and standard deviations in stops
 * @example resolveLight({ ev: 12 }) // { ev: 12, sd: 0.5, meterEv: 12, meterSd: 0.5 }
 */
export function resolveLight(light: Light): ResolvedLight {
	const read = isReading(light) ? wayOf(light).read(light) : light;
	const sd = light.sd ?? read.sd ?? DEFAULT_SD;
	const given: Partial<PlainLight> = isReading(light) ? {} : light;
	const resolved = {
		ev: read.ev,
		sd,
		meterEv: light.meterEv ?? read.ev,
		meterSd: given.meterSd ?? sd
	};
	return given.kelvin === undefined ? resolved : { ...resolved, kelvin: given.kelvin };
}

/**
 * Resolves a light for subject and meter, keeping apart a meter in the same light, whose doubt is the
 * subject's own, from one in another light.
 */
export function lightOnBoth(light: Light): LightOnBoth {
	return { ...resolveLight(light), sameLight: light.meterEv === undefined };
}

/**
 * Where a light comes from, in a short phrase.
 *
 * @example lightNote({ ev: 12 }) // 'given as a number'
 */
export function lightNote(light: Light): string {
	return isReading(light) ? wayOf(light).note(light) : 'given as a number';
}

/** Stops from which on two schools are said to differ: less than this rounds to the same third. */
const TELLING_DIFFERENCE = 0.25;

/**
 * What the rival schools would say where they differ from a reading.
 *
 * @returns an empty list where nobody differs or the way of reading has no rivals
 */
export function rivalsOf(light: Light): Rival[] {
	if (!isReading(light)) return [];
	const { ev } = wayOf(light).read(light);
	const rivals = wayOf(light).rivals?.(light) ?? [];
	return rivals.filter((rival) => Math.abs(rival.ev - ev) >= TELLING_DIFFERENCE);
}
