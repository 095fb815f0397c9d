import { click } from './click';
import { combined, contradictionOf, type Contradiction } from './combined';
import { eye } from './eye';
import { doubtWithout } from './habit';
import { lamp } from './lamp';
import { meter } from './meter';
import { photo } from './photo';
import { place } from './place';
import { shadows } from './shadows';
import { spots } from './spots';
import { sun } from './sun';
import { formatStops } from '../units';
import type {
	CombinedReading,
	Habit,
	Light,
	LightOnBoth,
	Read,
	Reading,
	ResolvedLight,
	Rival,
	WayOfReading
} from './types';

/** Every way of reading light; a new one is its own file and one line here. */
const ways: { readonly [M in Reading['method']]: WayOfReading<Extract<Reading, { method: M }>> } = {
	shadows,
	meter,
	spots,
	photo,
	sun,
	place,
	lamp: lamp((light) => resolveLight(light)),
	eye,
	click,
	combined: combined((light) => resolveLight(light))
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
	const read: Partial<Read> & { ev: number } = isReading(light) ? wayOf(light).read(light) : light;
	const { habit } = light;
	const ownSd = read.sd ?? DEFAULT_SD;
	const sd = light.sd ?? (habit ? doubtWithout(ownSd, light, habit) : ownSd);
	const ev = read.ev - (habit?.stops ?? 0);
	return {
		ev,
		sd,
		meterEv: light.meterEv ?? ev,
		meterSd: light.meterSd ?? sd,
		...(read.kelvin === undefined ? {} : { kelvin: read.kelvin }),
		...(read.range === undefined ? {} : { range: read.range })
	};
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
 * @example lightNote({ ev: 12 }) // 'typed as an EV'
 */
export function lightNote(light: Light): string {
	const note = isReading(light) ? wayOf(light).note(light) : 'typed as an EV';
	return light.habit ? `${note}, ${habitNote(light.habit)}` : note;
}

const habitNote = ({ stops }: Habit) =>
	`${formatStops(stops)} ${stops > 0 ? 'taken off' : 'added'} for your usual error`;

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

/**
 * Whether readings that are weighed together contradict each other: the worst pair, or null.
 *
 * @example contradictionIn({ method: 'combined', readings: [{ ev: 12, sd: 0.3 }, { ev: 15, sd: 0.5 }] }) // { between: [0, 1], stops: 3 }
 */
export function contradictionIn({ readings }: CombinedReading): Contradiction | null {
	return contradictionOf(readings.map(resolveLight));
}

/**
 * By how much the light on the eye was brighter than that on the subject, stops.
 *
 * @example meterDifferenceOf({ ev: 9, meterEv: 11 }) // 2
 */
export function meterDifferenceOf(light: Light | null): number {
	if (light === null) return 0;
	const { ev, meterEv } = resolveLight(light);
	return meterEv - ev;
}

/** What a script is told of a light. */
export interface LightAnswer extends Omit<ResolvedLight, 'meterEv' | 'meterSd'> {
	method: Reading['method'] | 'number';
	note: string;
	rivals?: Rival[];
}

/**
 * Any light, resolved: EV, doubt and colour, the way it was read, and what rival schools would say.
 *
 * @example answerLight({ method: 'eye', ev: 9, sd: 1 }) // { ev: 9, sd: 1, method: 'eye', note: 'guess by eye' }
 */
export function answerLight(light: Light): LightAnswer {
	const { ev, sd, kelvin, range } = resolveLight(light);
	const rivals = rivalsOf(light);
	return {
		ev,
		sd,
		...(kelvin === undefined ? {} : { kelvin }),
		...(range === undefined ? {} : { range }),
		method: isReading(light) ? light.method : 'number',
		note: lightNote(light),
		...(rivals.length > 0 ? { rivals } : {})
	};
}
