import type { Filter } from '$core/camera';
import type { Film } from '$core/film';
import { bareOf } from '$core/night';

const isNeutral = ({ kind }: Filter) => kind === 'neutral';

/** What greys can do to a time: other filters that are on the lens stay there. */
export interface Greys {
	/** Greys of the bag. */
	greys: Filter[];
	/** Greys that are on the lens now. */
	on: Filter[];
	/** Other filters on the lens. */
	others: Filter[];
	/** Metered time without any grey, s. */
	metered: number;
}

/**
 * The greys of a bag and the time without them.
 *
 * @param seconds that is right with what is on the lens now, s
 */
export function greysOf(film: Film, bag: readonly Filter[], worn: readonly Filter[], seconds: number): Greys {
	const on = worn.filter(isNeutral);
	const stops = on.reduce((sum, filter) => sum + filter.stops, 0);
	return {
		greys: bag.filter(isNeutral),
		on,
		others: worn.filter((filter) => !isNeutral(filter)),
		metered: bareOf(film, seconds, stops)
	};
}
