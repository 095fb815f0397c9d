import type { Light, Reading } from './types';

/**
 * How far a person's way of reading usually is off, whenever they read in it, stops: a part of every such
 * reading's doubt; common practice. A number that came from nowhere was metered somehow.
 */
const habits: Readonly<Record<Reading['method'] | 'number', number>> = {
	shadows: 0.4,
	eye: 0.4,
	place: 0.4,
	sun: 0.3,
	photo: 0.25,
	meter: 0.25,
	spots: 0.25,
	click: 0.25,
	lamp: 0.25,
	combined: 0.2,
	number: 0.25
};
const INCIDENT = 0.1;

/**
 * How far a way of reading usually is off, stops.
 *
 * @example habitSd({ method: 'meter', kind: 'incident', iso: 100, ev: 12 }) // 0.1
 */
export function habitSd(light: Light): number {
	if (!('method' in light)) return habits.number;
	return light.method === 'meter' && light.kind === 'incident' ? INCIDENT : habits[light.method];
}

/** No single reading is surer than this about its own habit, stops; common practice. */
const FRESHEST = 0.15;

/**
 * What is new at each reading, beside the habit of its way, stops: a reading's doubt has both in it.
 *
 * @example freshSd(0.5, 0.4) // 0.3
 */
export const freshSd = (readingSd: number, habitSd: number): number =>
	Math.sqrt(Math.max(readingSd ** 2 - habitSd ** 2, FRESHEST ** 2));
