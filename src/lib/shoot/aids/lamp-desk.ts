import { resolveLight, type LampReading, type LampStand, type Light } from '$core/light';
import type { Interval } from '$core/match';
import { USUAL_LOSS_SD, usualModifiers } from '$core/studio';
import type { GearRecord } from '$contract/records';

/** What can stand before a lamp. */
export interface Modifier {
	name: string;
	stops: number;
	sd: number;
}

export const BARE = 'nothing';

/** What can stand before a lamp: nothing, what the bag has, and what is usual. */
export function modifiersOf(gear: readonly GearRecord[]): Modifier[] {
	const own = gear.flatMap((piece) => (piece.type === 'modifier' ? [piece] : []));
	const usual = usualModifiers
		.filter(({ name }) => !own.some((piece) => piece.name === name))
		.map((modifier) => ({ ...modifier, sd: USUAL_LOSS_SD }));
	return [{ name: BARE, stops: 0, sd: 0 }, ...own, ...usual];
}

/** The reading of the lamp: what it was metered as, wherever it has been moved since. */
export function meteredAs(light: Light): { light: Light; from?: number; to?: number } {
	if ('method' in light && light.method === 'lamp')
		return { light: light.reading, from: light.from, to: light.to };
	// Readings weighed together stand as what they came to: lamps in lamps would never end.
	if (!('method' in light) || light.method !== 'combined') return { light };
	const { ev, sd, kelvin } = resolveLight(light);
	return { light: { ev, sd, ...(kelvin === undefined ? {} : { kelvin }) } };
}

/** A lamp as it is set up: what it was metered behind, and what is before it now. */
export interface SetUp {
	from: number;
	to: number;
	before: Modifier;
	now: readonly Modifier[];
	/** Its lit face, cm; nothing: a bulb. */
	width?: number;
	height?: number;
}

const takesLight = ({ stops }: Modifier) => stops !== 0;

/** A lamp with its reading, for the law of distances. */
export function standOf(reading: Light, { from, to, before, now, width, height }: SetUp): LampStand {
	return {
		reading,
		from,
		to,
		// It was metered behind something: without that it gives so much more.
		...(takesLight(before) ? { modifierStops: -before.stops } : {}),
		modifiers: now.filter(takesLight).map(({ name, stops }) => ({ name, stops })),
		...(width && height ? { source: { width: width / 100, height: height / 100 } } : {})
	};
}

/** Doubt of what is before a lamp, stops: what it was metered behind and still stands behind has none. */
export function modifierDoubt({ before, now }: Pick<SetUp, 'before' | 'now'>): number {
	const at = now.findIndex(({ name }) => name === before.name);
	const changed = at < 0 ? [before, ...now] : now.filter((_, index) => index !== at);
	return Math.hypot(...changed.map(({ sd }) => sd));
}

/** The light of a lamp, and of a second one like it where there is one, with its doubt. */
export function lampLight(
	reading: Light,
	key: SetUp,
	fill: SetUp | null
): { light: LampReading; ev: number; sd: number } {
	const first = { method: 'lamp' as const, ...standOf(reading, key) };
	const light = fill ? { ...first, second: standOf(reading, fill) } : first;
	const { ev, sd: plain } = resolveLight(light);
	/** What is before a lamp counts by the part of the light that it gives. */
	const part = 2 ** (resolveLight(first).ev - ev);
	const before = [part * modifierDoubt(key), fill ? (1 - part) * modifierDoubt(fill) : 0];
	const sd = Math.hypot(plain, ...before);
	return { light: { ...light, sd }, ev, sd };
}

/** The light for a camera that is nearest to the one that there is. */
export function nearestTo(ev: number, intervals: readonly Interval[]): Interval | null {
	const miss = ([from, to]: Interval) => Math.max(0, from - ev, ev - to);
	return intervals.reduce<Interval | null>(
		(best, each) => (best && miss(best) <= miss(each) ? best : each),
		null
	);
}
