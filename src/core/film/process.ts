import type { Aged } from './expired';
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

/** What is known of one load of a film beside the film. */
export interface OfLoad {
	/** How it is to be developed; absent: as the film itself says. */
	process?: Pick<Process, 'stops'>;
	/** What age has done to its pack or roll; absent: nothing. */
	aged?: Aged;
}

/**
 * A film as it is in one load: as old as its pack, and as it is to be developed.
 *
 * @example asLoaded(a film of ISO 125, { process: { name: 'Staining', stops: -1 } }).processStops // -1
 */
export function asLoaded<F extends Film>(film: F, { process, aged }: OfLoad): F {
	const stops = (process?.stops ?? 0) + (aged?.stops ?? 0);
	if (stops === 0 && !aged) return film;
	return {
		...film,
		processStops: (film.processStops ?? 0) + stops,
		...(aged && { speedSd: Math.max(film.speedSd ?? 0, aged.sd) })
	};
}
