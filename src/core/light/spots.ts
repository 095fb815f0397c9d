import { speedStops } from '../units';
import type { SpotsReading, WayOfReading } from './types';

/** Doubt of taking the middle of two spots for the light on the subject, stops; common practice. */
const SPOTS_SD = 1 / 2;

/**
 * Spot readings of the darkest and the brightest part that matter: exposure goes half way between
 * them, and both ends are kept, to be judged against the film.
 * Source: common practice.
 *
 * @example spots.read({ method: 'spots', iso: 100, darkest: 8, brightest: 14 }) // { ev: 11, sd: 0.5, range: [8, 14] }
 */
export const spots: WayOfReading<SpotsReading> = {
	read({ iso, darkest, brightest }) {
		const range: [number, number] = [darkest - speedStops(iso), brightest - speedStops(iso)];
		return { ev: (range[0] + range[1]) / 2, sd: SPOTS_SD, range };
	},
	note: () => 'spot meter, two spots'
};
