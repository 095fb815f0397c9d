import type { FilmType } from '../film';
import { birgeRatio } from '../units';
import { errorByTone, FARTHEST_ERROR } from './curve';

/** An error as a picture tells it, with its doubt, stops. */
export interface Told {
	stops: number;
	sd: number;
}

/** What things usually are in the light that falls on the subject, stops from mid grey, and how surely; common practice. */
export const tonesOfThings = {
	grey: { stops: 0, sd: 0.3 },
	skin: { stops: 1, sd: 0.5 },
	white: { stops: 2, sd: 0.5 },
	shadow: { stops: -2, sd: 0.7 }
} as const;
export type Thing = keyof typeof tonesOfThings;

/** A spot of a picture, and what it was. */
export interface Spot {
	thing: Thing;
	/** 0 … 1. */
	reflectance: number;
}

/** A spot is told to about this, as a part of itself: paper, scanner and grain; common practice. */
const SPOT_DOUBT = 0.12;
/** What all spots of one picture share: its scanner, its paper, stops; common practice. */
const SHARED = 0.25;
/** No judgement weighs as more than one beside simulated prints, stops. */
export const LEAST_JUDGED = 1 / 3;
/** A spot that tells nothing is anywhere. */
const MOST = FARTHEST_ERROR / 2;

/**
 * The error of a picture by one spot.
 *
 * @returns doubt grows where the curve is flat
 * @example errorBySpot('instant', { thing: 'grey', reflectance: 0.18 }) // { stops: 0, sd: 0.32 }
 */
export function errorBySpot(type: FilmType, { thing, reflectance }: Spot): Told {
	const { stops: tone, sd } = tonesOfThings[thing];
	const { stops, slope } = errorByTone(type, tone, reflectance);
	return { stops, sd: Math.min(MOST, Math.hypot(SPOT_DOUBT / Math.max(slope, SPOT_DOUBT / MOST), sd)) };
}

/**
 * Several looks at one error weighed together; where they contradict each other, the doubt grows with them.
 * Source: the weighted mean with the Birge ratio.
 *
 * @param shared what none of them averages away, stops
 * @returns null where there is none
 */
export function weighed(looks: readonly Told[], shared = SHARED): Told | null {
	if (looks.length === 0) return null;
	const weights = looks.map(({ sd }) => 1 / sd ** 2);
	const total = weights.reduce((a, b) => a + b);
	const stops = looks.reduce((sum, look, at) => sum + (look.stops * weights[at]) / total, 0);
	const spread = looks.reduce((sum, look, at) => sum + (look.stops - stops) ** 2 * weights[at], 0);
	const own = birgeRatio(spread, looks.length) / Math.sqrt(total);
	return { stops, sd: Math.max(LEAST_JUDGED, Math.hypot(own, shared)) };
}

/**
 * The error of a scanned picture by spots of which it is known what they were.
 *
 * @example errorBySpots('instant', [{ thing: 'grey', reflectance: 0.18 }])?.stops // 0
 */
export const errorBySpots = (type: FilmType, spots: readonly Spot[]): Told | null =>
	weighed(spots.map((spot) => errorBySpot(type, spot)));
