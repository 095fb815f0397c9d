import type { LampReading, Light, Read, WayOfReading } from './types';

/**
 * Stops that a lamp's light gains when it is moved: illuminance falls with distance squared.
 * Source: the inverse square law.
 *
 * @param from m
 * @param to m
 * @returns stops, + = brighter
 * @example stopsByMoving(2, 1) // 2
 */
export function stopsByMoving(from: number, to: number): number {
	return 2 * Math.log2(from / to);
}

/**
 * How near a lamp must come, or how far it must go, to change its light: d2 = d1·2^(−need/2).
 *
 * @param distance m
 * @param need stops, + = brighter
 * @returns m
 * @example distanceFor(2, 1) // 1.41
 */
export function distanceFor(distance: number, need: number): number {
	return distance * 2 ** (-need / 2);
}

/**
 * A reading under a lamp at one distance, turned into the light of the same lamp at another, with a
 * modifier that takes its stops.
 *
 * @param inner resolves the reading that it starts from
 * @example lamp(…).read({ method: 'lamp', reading: { ev: 7 }, from: 2, to: 1 }).ev // 9
 */
export function lamp(inner: (light: Light) => Read): WayOfReading<LampReading> {
	return {
		read({ reading, from, to, modifierStops = 0 }) {
			const { ev, sd, kelvin } = inner(reading);
			const moved = { ev: ev + stopsByMoving(from, to) - modifierStops, sd };
			return kelvin === undefined ? moved : { ...moved, kelvin };
		},
		note: ({ to }) => `by lamp at ${Number(to.toPrecision(2))} m`
	};
}
