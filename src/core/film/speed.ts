import { speedStops } from '../units';
import { factsOf } from './type-facts';
import type { Film } from './types';

/** Doubt of a fresh film's speed, stops: packs of one make differ; common practice. */
export const FRESH_SPEED_SD = 0.15;

/**
 * Stops by which a film, as it will be developed, is faster than ISO 100.
 *
 * @example effectiveSpeedStops({ name: 'Any', type: 'instant', iso: 400, processStops: -1 }) // 1
 */
export function effectiveSpeedStops(film: Film): number {
	return speedStops(film.iso) + (film.processStops ?? 0);
}

/**
 * The speed that a film is shot at: the one on its box, as age and development change it.
 *
 * @returns ISO
 * @example effectiveSpeed({ name: 'Any', type: 'bw-negative', iso: 400, processStops: -1 }) // 200
 */
export const effectiveSpeed = (film: Film): number => 100 * 2 ** effectiveSpeedStops(film);

/** Speeds of films of the same type that are on sale, ISO. */
export const speedsMade = ({ type }: Film): readonly number[] => factsOf(type).speeds;

/** Doubt of the film's speed, stops. */
export function speedDoubt(film: Film): number {
	return film.speedSd ?? FRESH_SPEED_SD;
}

/**
 * The film speed that would be right where a film is off.
 *
 * @param error stops, + = too much light
 * @returns ISO
 * @example filmSpeedFor(a film of ISO 100, -2) // 400
 */
export function filmSpeedFor({ iso }: Film, error: number): number {
	return iso * 2 ** -error;
}
