import { factsOf } from './type-facts';
import type { Film } from './types';

/** Daylight film is balanced for this, K; published. */
const DAYLIGHT_BALANCE = 5500;
const MIRED = 1e6;

/** Whether a film shows colour at all. */
export function isColour(film: Film): boolean {
	return factsOf(film.type).colour;
}

/** Whether a film is printed from: more light does it good. */
export function isNegative(film: Film): boolean {
	return factsOf(film.type).negative;
}

/**
 * Mired of a colour temperature: 10⁶/K.
 *
 * @param kelvin K
 * @example miredOf(5500) // 181.8
 */
export function miredOf(kelvin: number): number {
	return MIRED / kelvin;
}

/**
 * The cast that a light gives on a film: light − balance in mired; + is warm. The correcting filter
 * shifts by the opposite. Source: the published definition of mired.
 *
 * @param film its `balance` in K; colour film without one is daylight film
 * @param kelvin the light's colour temperature, K
 * @returns mired, or null for black-and-white
 * @example castOf(a daylight film, 3200) // 130.7
 */
export function castOf(film: Film, kelvin: number): number | null {
	return isColour(film) ? miredOf(kelvin) - miredOf(film.balance ?? DAYLIGHT_BALANCE) : null;
}
