import { isColour } from './colour';
import { FRESH_SPEED_SD } from './speed';
import type { Film } from './types';

/** How a film was kept. */
export type Storage = 'warm' | 'room' | 'fridge' | 'freezer';

/** Stops of speed lost in ten years at room temperature; common practice, wide spread. */
const LOSS = { colour: 1, blackAndWhite: 1 / 2 } as const;
/** What of that is lost when it is kept otherwise; common practice. */
const share: Readonly<Record<Storage, number>> = { warm: 1.5, room: 1, fridge: 1 / 2, freezer: 1 / 8 };
/** A film is as good as fresh until the date on its box. */
const DECADE = 10;
/** The loss is in doubt by half of itself; common practice. */
const DOUBT = 1 / 2;
const MOST_LOSS = 8;

/** What has become of the speed of an old film. */
export interface Aged {
	/** Stops, ≤ 0. */
	stops: number;
	/** Doubt of the speed, stops. */
	sd: number;
}

/**
 * The speed that a film has lost since the date on its box.
 * Source: common practice: a stop in ten years for colour, half of that for black-and-white.
 *
 * @param years since that date
 * @example agedSpeed({ name: 'Any', type: 'colour-negative', iso: 400 }, 20, 'room') // { stops: -2, sd: 1.01 }
 */
export function agedSpeed(film: Film, years: number, storage: Storage): Aged {
	const decades = Math.max(0, years) / DECADE;
	const lost = Math.min(
		MOST_LOSS,
		decades * (isColour(film) ? LOSS.colour : LOSS.blackAndWhite) * share[storage]
	);
	return { stops: lost === 0 ? 0 : -lost, sd: Math.hypot(FRESH_SPEED_SD, lost * DOUBT) };
}
