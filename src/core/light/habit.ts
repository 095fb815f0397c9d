import type { Habit, Light, Reading } from './types';

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
 * @example usualHabit({ method: 'meter', kind: 'incident', iso: 100, ev: 12 }) // 0.1
 */
export function usualHabit(light: Light): number {
	if (!('method' in light)) return habits.number;
	return light.method === 'meter' && light.kind === 'incident' ? INCIDENT : habits[light.method];
}

/**
 * How far a reading is off by the habit of its way, as far as it is not taken off already, stops.
 *
 * @example habitSd({ ev: 12, habit: { stops: 0.3, sd: 0.1 } }) // 0.1
 */
export const habitSd = (light: Light): number => light.habit?.sd ?? usualHabit(light);

/** No single reading is surer than this about its own habit, stops; common practice. */
const FRESHEST = 0.15;

/**
 * What is new at each reading, beside the habit of its way, stops: a reading's doubt has both in it.
 *
 * @example freshSd(0.5, 0.4) // 0.3
 */
export const freshSd = (readingSd: number, habitSd: number): number =>
	Math.sqrt(Math.max(readingSd ** 2 - habitSd ** 2, FRESHEST ** 2));

/** The doubt of a reading whose habit is taken off, by the doubt that it had, stops. */
export const doubtWithout = (readingSd: number, light: Light, { sd }: Habit): number =>
	Math.hypot(freshSd(readingSd, usualHabit(light)), sd);

/**
 * Whether a way of reading is one whose habit may be taken off: what is put together of other readings has theirs
 * already, and the sun's light is also what days are planned by.
 */
export const takesHabit = (light: Light): boolean =>
	!('method' in light) || !['combined', 'lamp', 'sun'].includes(light.method);

/**
 * A reading with what its way runs taken off, where it was not yet.
 *
 * @example withHabit({ ev: 12, sd: 0.5 }, { stops: 1 / 3, sd: 0.1 }) // { ev: 12, sd: 0.44, habit: { … } }
 */
export function withHabit(light: Light, habit: Habit): Light {
	if (light.habit) return light;
	return { ...light, habit, ...(light.sd !== undefined && { sd: doubtWithout(light.sd, light, habit) }) };
}

/** A reading as it was read, with no habit taken off. */
export function asRead(light: Light): Light {
	const { habit, ...bare } = light;
	const read: Light =
		habit && bare.sd !== undefined
			? { ...bare, sd: Math.hypot(freshSd(bare.sd, habit.sd), usualHabit(light)) }
			: bare;
	if (!('method' in read)) return read;
	if (read.method === 'combined') return { ...read, readings: read.readings.map(asRead) };
	if (read.method !== 'lamp') return read;
	const { second } = read;
	return {
		...read,
		reading: asRead(read.reading),
		...(second && { second: { ...second, reading: asRead(second.reading) } })
	};
}
