import type { Interval } from '../match';
import { lampDistanceFor, nearestOf, stopsByMoving, type LampReading, type LampSource } from '../light';

/** A place on the floor to tape. */
export interface FloorMark {
	/** m, from the subject. */
	distance: number;
	/** What the light is worth there, stops against the middle of what is good. */
	stops: number;
	kind: 'nearest' | 'nearest-good' | 'middle' | 'farthest-good' | 'farthest';
}

const middle = ([from, to]: Interval) => (from + to) / 2;

/**
 * Where on the floor a lamp can stand for a camera: where it begins to be usable, to be good, where it
 * is just right, and the other ends. An end beyond any light, or nearer than the lamp is large, is left out.
 *
 * @param lamp as it stands, with what is before it and beside it
 * @param good light in which the camera is good, EV
 * @param usable light in which it is usable, EV
 * @returns nearest to the subject first
 */
export function floorMarks(lamp: LampReading, good: Interval, usable: Interval): FloorMark[] {
	const right = middle(good);
	const at = (ev: number, kind: FloorMark['kind']): FloorMark => ({
		distance: lampDistanceFor(lamp, ev),
		stops: ev - right,
		kind
	});
	return [
		at(usable[1], 'nearest'),
		at(good[1], 'nearest-good'),
		at(right, 'middle'),
		at(good[0], 'farthest-good'),
		at(usable[0], 'farthest')
	].filter(({ distance }) => Number.isFinite(distance) && distance >= nearestOf(lamp.source));
}

/**
 * How much darker a background is than the subject, by the same lamp.
 * Source: the inverse square law.
 *
 * @param distance of the lamp from the subject, m
 * @param behind of the background from the subject, m
 * @param source what of it shines, m; absent: a point
 * @returns stops, ≥ 0
 * @example backgroundFalloff(1, 1) // 2
 */
export function backgroundFalloff(distance: number, behind: number, source?: LampSource): number {
	return -stopsByMoving(distance, distance + behind, source);
}

/**
 * How much darker the side is that only the fill lights, where the key lights the other beside it.
 * Source: light adds.
 *
 * @param key of the key lamp alone, EV
 * @param fill of the fill alone, EV
 * @returns stops, ≥ 0
 * @example sideRatio(9, 9) // 1
 */
export function sideRatio(key: number, fill: number): number {
	return Math.log2(1 + 2 ** (key - fill));
}

/**
 * How much weaker than the key a fill must be for a ratio of the sides; the inverse of sideRatio.
 *
 * @param ratio stops, > 0
 * @returns stops
 * @example fillUnderKey(2) // 1.58
 */
export function fillUnderKey(ratio: number): number {
	return Math.log2(2 ** ratio - 1);
}
