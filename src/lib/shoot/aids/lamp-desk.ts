import { resolveLight, type Light } from '$core/light';
import type { Interval } from '$core/match';
import { USUAL_LOSS_SD, usualModifiers, type MeteredLamp } from '$core/studio';
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

/** The lamp with its reading, for the law of distances. */
export function lampOf(light: Light, distance: number, loss: number): MeteredLamp {
	return { ev: resolveLight(light).ev, distance, loss };
}

/** The light for a camera that is nearest to the one that there is. */
export function nearestTo(ev: number, intervals: readonly Interval[]): Interval | null {
	const miss = ([from, to]: Interval) => Math.max(0, from - ev, ev - to);
	return intervals.reduce<Interval | null>(
		(best, each) => (best && miss(best) <= miss(each) ? best : each),
		null
	);
}
