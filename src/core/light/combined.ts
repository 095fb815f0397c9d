import { birgeRatio } from '../units';
import type { CombinedReading, Light, Read, WayOfReading } from './types';

/** A doubt of nothing would outweigh everything; nobody reads light better than this, stops. */
const LEAST_SD = 0.05;
/** Two readings contradict each other when they differ by more than this many times their doubt together. */
const CONTRADICTION = 2;

/** Two readings of one light that differ by more than they should. */
export interface Contradiction {
	/** Places in the list of readings. */
	between: [number, number];
	/** Stops by which they differ. */
	stops: number;
}

const variance = ({ sd }: Read) => Math.max(sd, LEAST_SD) ** 2;

/** The mean weighed by 1/sd², and its doubt if all errors are independent. */
function weighed(reads: readonly Read[]): Read {
	const weights = reads.map((read) => 1 / variance(read));
	const total = weights.reduce((sum, weight) => sum + weight, 0);
	const ev = reads.reduce((sum, read, index) => sum + (read.ev * weights[index]) / total, 0);
	return { ev, sd: Math.sqrt(1 / total) };
}

/** Readings by the same way share its error: their mean is no surer than the surest of them. */
function byWay(readings: readonly Light[], reads: readonly Read[]): Map<string, Read> {
	const ways = new Map<string, Read[]>();
	readings.forEach((light, index) => {
		const way = 'method' in light ? light.method : 'number';
		ways.set(way, [...(ways.get(way) ?? []), reads[index]]);
	});
	const one = (same: readonly Read[]): Read => ({
		ev: weighed(same).ev,
		sd: Math.min(...same.map(({ sd }) => sd))
	});
	return new Map([...ways].map(([way, same]) => [way, one(same)]));
}

/** Ways of reading by one and the same eye, and what they share, stops; common practice. */
const BY_EYE: ReadonlySet<string> = new Set(['shadows', 'eye']);
const SHARED_BY_EYE = 1 / 4;

/** Ways by one eye as one: what they share cannot be averaged away. */
function byOneEye(ways: ReadonlyMap<string, Read>): Read[] {
	const own = [...ways].filter(([way]) => BY_EYE.has(way)).map(([, read]) => read);
	const others = [...ways].filter(([way]) => !BY_EYE.has(way)).map(([, read]) => read);
	if (own.length < 2) return [...own, ...others];
	const alone = own.map((read) => ({
		...read,
		sd: Math.sqrt(Math.max(0, variance(read) - SHARED_BY_EYE ** 2))
	}));
	const { ev, sd } = weighed(alone);
	const surest = Math.min(...own.map((read) => read.sd));
	return [{ ev, sd: Math.min(surest, Math.hypot(sd, SHARED_BY_EYE)) }, ...others];
}

/**
 * Whether readings of one light contradict each other: the worst pair, or null.
 *
 * @param reads what each reading says
 * @example contradictionOf([{ ev: 12, sd: 0.3 }, { ev: 15, sd: 0.5 }]) // { between: [0, 1], stops: 3 }
 */
export function contradictionOf(reads: readonly Read[]): Contradiction | null {
	let worst: (Contradiction & { excess: number }) | null = null;
	for (let a = 0; a < reads.length; a++) {
		for (let b = a + 1; b < reads.length; b++) {
			const stops = Math.abs(reads[a].ev - reads[b].ev);
			const excess = stops / Math.sqrt(variance(reads[a]) + variance(reads[b]));
			if (excess > CONTRADICTION && excess > (worst?.excess ?? 0)) worst = { between: [a, b], stops, excess };
		}
	}
	return worst && { between: worst.between, stops: worst.stops };
}

/** The colour of the readings that know one, weighed in mired, in which colours mix. */
function colourOf(reads: readonly Read[]): number | undefined {
	const known = reads.filter(({ kelvin }) => kelvin !== undefined);
	if (known.length === 0) return undefined;
	const weights = known.map((read) => 1 / variance(read));
	const total = weights.reduce((sum, weight) => sum + weight, 0);
	const mired = known.reduce((sum, { kelvin }, index) => sum + (1e6 / kelvin! / total) * weights[index], 0);
	return 1e6 / mired;
}

/**
 * Several readings of the same light weighed by their doubt, wi = 1/σi². Readings by different ways
 * make it surer, σ² = 1/Σwi; readings by one way share its error and do not, and two ways of one eye share
 * a quarter of a stop. Where readings
 * contradict each other the doubt grows by the ratio of their scatter to what it should be.
 * Source: the weighted mean and the Birge ratio, as used for published constants.
 *
 * @param reads what each reading says
 */
export function combine(readings: readonly Light[], reads: readonly Read[]): Read {
	const ways = byOneEye(byWay(readings, reads));
	const { ev, sd } = weighed(ways);
	const spread = reads.reduce((sum, read) => sum + (read.ev - ev) ** 2 / variance(read), 0);
	const kelvin = colourOf(reads);
	const range = reads.find((read) => read.range)?.range;
	return {
		ev,
		sd: contradictionOf(reads) ? sd * birgeRatio(spread, reads.length) : sd,
		...(kelvin === undefined ? {} : { kelvin }),
		...(range ? { range } : {})
	};
}

/** Most readings that are weighed together. */
export const MOST_TOGETHER = 8;

/**
 * A further reading of the same light, to be weighed with those before it; the oldest give way.
 *
 * @example together({ ev: 12 }, { ev: 13 }) // { method: 'combined', readings: [{ ev: 12 }, { ev: 13 }] }
 */
export function together(before: Light, next: Light): CombinedReading {
	const earlier = 'method' in before && before.method === 'combined' ? before.readings : [before];
	return { method: 'combined', readings: [...earlier, next].slice(-MOST_TOGETHER) };
}

/**
 * Readings weighed together without one of them; the last one left stands alone.
 *
 * @param at its place in the list
 */
export function without({ readings }: CombinedReading, at: number): Light {
	const left = readings.filter((_, place) => place !== at);
	return left.length === 1 ? left[0] : { method: 'combined', readings: left };
}

/**
 * The way of reading that weighs others.
 *
 * @param inner resolves each of them
 * @example combined(…).read({ method: 'combined', readings: [{ ev: 12, sd: 0.5 }, { method: 'eye', ev: 13, sd: 0.5 }] }) // { ev: 12.5, sd: 0.35 }
 */
export function combined(inner: (light: Light) => Read): WayOfReading<CombinedReading> {
	return {
		read: ({ readings }) => combine(readings, readings.map(inner)),
		note: ({ readings }) => `average of ${readings.length} readings`
	};
}
