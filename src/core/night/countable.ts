import { offsetOf, type Camera, type Filter } from '../camera';
import { correctedTime, reciprocityLoss, type Film } from '../film';
import { meteredTime, sceneOf } from '../match';

/** Below this a hand is off by a seventh of a stop and more: a filter makes the time longer; common practice. */
export const COUNTABLE_SECONDS = 2;
/** Most filters that are put before one another. */
const MOST_STACKED = 3;

/**
 * The time that a film needs behind an f-number, before it begins to lose speed: aimed, as a match is,
 * at the middle of what is good.
 *
 * @param ev EV at ISO 100
 * @returns s
 * @example bareTime(a camera without offset, ISO 100 with good even about 0, 3, 8) // 8
 */
export function bareTime(camera: Camera, film: Film, ev: number, f: number): number {
	return meteredTime(sceneOf(camera, film, { ev }, {}), f, offsetOf(camera).stops);
}

/**
 * The time to count behind filters: longer by their stops, and by what the film loses over it.
 *
 * @param metered of the bare lens, s
 * @param stops that filters take
 * @returns s
 * @example heldBehind(a film that loses nothing, 0.5, 3) // 4
 */
export function heldBehind(film: Film, metered: number, stops: number): number {
	return correctedTime(film, metered * 2 ** stops);
}

/**
 * The metered time of the bare lens, from a time that is right behind filters: the inverse of heldBehind.
 *
 * @param held s
 * @param stops that filters take
 * @returns s
 * @example bareOf(a film that loses nothing, 4, 3) // 0.5
 */
export function bareOf(film: Film, held: number, stops: number): number {
	return held * 2 ** (-stops - reciprocityLoss(film, held));
}

/**
 * The filter that makes a time: the inverse of heldBehind.
 *
 * @param wanted time to count, s
 * @returns stops; less than 0: the time is already longer
 * @example stopsFor(a film that loses nothing, 0.5, 4) // 3
 */
export function stopsFor(film: Film, metered: number, wanted: number): number {
	return Math.log2(wanted / metered) - reciprocityLoss(film, wanted);
}

/** Filters before one another, and the time to count behind them. */
export interface Stack {
	filters: Filter[];
	stops: number;
	/** s */
	seconds: number;
}

function subsets(filters: readonly Filter[], most: number): Filter[][] {
	const [first, ...rest] = filters;
	if (!first || most === 0) return [[]];
	return [...subsets(rest, most), ...subsets(rest, most - 1).map((others) => [first, ...others])];
}

/**
 * Every stack of the bag's filters with its time, shortest first; of stacks that take the same, the one
 * with the fewest filters.
 *
 * @param metered of the bare lens, s
 * @param filters that may be used; at most three are stacked
 */
export function stacks(film: Film, metered: number, filters: readonly Filter[]): Stack[] {
	const all = subsets(filters, MOST_STACKED).map((used): Stack => {
		const stops = used.reduce((sum, filter) => sum + filter.stops, 0);
		return { filters: used, stops, seconds: heldBehind(film, metered, stops) };
	});
	const sorted = all.sort((a, b) => a.stops - b.stops || a.filters.length - b.filters.length);
	return sorted.filter(({ stops }, at) => at === 0 || Math.abs(stops - sorted[at - 1].stops) > 0.05);
}

/**
 * The fewest and weakest filters behind which a time can be counted by hand.
 *
 * @param wanted shortest time to count, s
 * @returns null where the bag has none that do, or none are needed
 */
export function countableStack(
	film: Film,
	metered: number,
	filters: readonly Filter[],
	wanted = COUNTABLE_SECONDS
): Stack | null {
	if (heldBehind(film, metered, 0) >= wanted) return null;
	const long = stacks(film, metered, filters).filter(({ seconds }) => seconds >= wanted);
	return long.reduce<Stack | null>(
		(best, each) => (best && best.filters.length <= each.filters.length ? best : each),
		null
	);
}
