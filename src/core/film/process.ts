import type { Film } from './types';

/** How a load is to be developed: what that does to the film's speed is set before the first frame. */
export interface Process {
	/** What it is to be developed in. */
	name: string;
	/** The recipe, where it is one of the person's own. */
	recipeId?: string;
	/** Change of the film's speed by all of it, stops. */
	stops: number;
	/** What of that is push, +, or pull, stops. */
	push?: number;
}

/**
 * A film as a load of it is to be developed.
 *
 * @param process absent: as the film itself says
 * @example inProcess(a film of ISO 125, { name: 'Staining', stops: -1 }).processStops // -1
 */
export function inProcess<F extends Film>(film: F, process?: Pick<Process, 'stops'>): F {
	if (!process || process.stops === 0) return film;
	return { ...film, processStops: (film.processStops ?? 0) + process.stops };
}
