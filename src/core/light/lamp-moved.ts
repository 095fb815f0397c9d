import { distanceFor } from './lamp';
import { resolveLight } from './resolve';
import type { LampReading } from './types';

/**
 * Where the first lamp must stand so that the subject has a light, whatever else is on it.
 *
 * @param ev wanted, EV at ISO 100
 * @returns m; 0 where it gives so much at no distance, infinite where the second lamp alone gives more
 * @example lampDistanceFor({ method: 'lamp', reading: { ev: 7 }, from: 2, to: 2 }, 9) // 1
 */
export function lampDistanceFor(reading: LampReading, ev: number): number {
	const { second, sd: _sd, meterEv: _meterEv, meterSd: _meterSd, ...alone } = reading;
	const rest = second ? 2 ** resolveLight({ method: 'lamp', ...second }).ev : 0;
	const own = 2 ** ev - rest;
	if (own <= 0) return Infinity;
	return distanceFor(reading.to, Math.log2(own) - resolveLight(alone).ev, reading.source);
}
