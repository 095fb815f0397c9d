import { reach, type Intent } from '../match';
import { changesAlong, REACH_MARGIN, wayIn } from '../plan';
import { intentsBy, type KnownWay } from './known-way';

/** Lights that are looked at, EV, and how near an edge is found. */
const [DIMMEST, BRIGHTEST, STEP, EXACT] = [-3, 17, 1, 1 / 8];
const looks = Array.from({ length: (BRIGHTEST - DIMMEST) / STEP + 1 }, (_, at) => DIMMEST + at * STEP);
/** A light as well as one reads it, stops. */
const SD = 1 / 2;

/**
 * The least light in which a way works by hand, without flash.
 *
 * @returns EV at ISO 100; null: in none
 * @example handHeldFrom(a box of f/11 at 1/40 s with ISO 400, {}) // about 11
 */
export function handHeldFrom(way: KnownWay, asked: Intent): number | null {
	const all = intentsBy(way, { ...asked, handheld: true }).map((intent) => heldFrom(way, intent));
	return all.reduce((a, b) => (a === null || (b !== null && b < a) ? b : a), null);
}

function heldFrom(way: KnownWay, intent: Intent): number | null {
	const { usable } = reach(way.camera, way.film, { filters: intent.filters, exposures: intent.exposures });
	const worksAt = (ev: number): boolean => {
		const within = usable.some(([from, to]) => ev >= from - REACH_MARGIN && ev <= to + REACH_MARGIN);
		return within && wayIn({ ...way, bag: { tripod: false }, intent }, ev, SD).works !== null;
	};
	return changesAlong(looks, worksAt, String, EXACT).find(({ first }) => first)?.from ?? null;
}
