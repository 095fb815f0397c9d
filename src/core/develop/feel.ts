import { timeAt, type Timed } from './time';
import type { TimePoint } from './types';

/** How warm a picture out of a pack is, by where it is kept: °C and its doubt; common practice. */
export const feels = [
	{ id: 'hands', name: 'between warm hands', celsius: 28, sd: 3 },
	{ id: 'pocket', name: 'in an inside pocket', celsius: 25, sd: 4 },
	{ id: 'room', name: 'in a heated room', celsius: 20, sd: 2 },
	{ id: 'mild', name: 'outdoors, mild without a coat', celsius: 18, sd: 4 },
	{ id: 'coat', name: 'outdoors, in a coat', celsius: 10, sd: 4 }
] as const;

export type Feel = (typeof feels)[number]['id'];

/**
 * How long a picture takes whose temperature is felt and not measured: what the table says to either side of it is part
 * of the doubt.
 *
 * @param sd of the temperature, K
 * @returns null where the table does not reach
 * @example timeFelt([{ celsius: 13, seconds: 1080 }, { celsius: 28, seconds: 360 }], 20, 2)?.sd // about 100
 */
export function timeFelt(table: readonly TimePoint[], celsius: number, sd: number): Timed | null {
	const timed = timeAt(table, celsius);
	if (!timed) return null;
	const [colder, warmer] = [-sd, sd].map((by) => timeAt(table, celsius + by)?.seconds ?? timed.seconds);
	return { ...timed, sd: Math.hypot(timed.sd, Math.max(colder - timed.seconds, timed.seconds - warmer)) };
}
