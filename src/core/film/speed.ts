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

/** Speeds as boxes and dials have them, in thirds of a stop. Source: ISO 5800 and ISO 2240 (from memory). */
export const standardSpeeds: readonly number[] = [
	3, 4, 5, 6, 8, 10, 12, 16, 20, 25, 32, 40, 50, 64, 80, 100, 125, 160, 200, 250, 320, 400, 500, 640, 800,
	1000, 1250, 1600, 2000, 2500, 3200, 4000, 5000, 6400
];

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
