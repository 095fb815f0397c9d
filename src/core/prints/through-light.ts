import { factsOf, type FilmType } from '../film';
import { densityOfStops } from '../units';
import { errorBySpot, tonesOfThings, weighed, type Thing, type Told } from './spots';

/*
 * Film looked at against light: a slide against its light table, a negative against its own clear base. Nothing that
 * was corrected in printing stands between it and its exposure.
 */

/** A spot of the film, by how much light comes through beside the light table, or beside the clear base, 0 … 1. */
export interface SpotThrough {
	thing: Thing;
	through: number;
}

/** What a picture of film against light leaves free, stops: near right, and beyond a stop; common practice. */
const SLIDE = [0.5, 0.7] as const;
const NEGATIVE = [0.7, 0.9] as const;
/** A negative as clear as its base tells only that there was less light than this, density. */
const THIN = 0.03;

/** The error of a negative by one spot: its density above the base, along its straight line. */
function errorOfNegative(type: FilmType, { thing, through }: SpotThrough): Told {
	const { middle, slope } = factsOf(type).overBase!;
	const { stops: tone, sd } = tonesOfThings[thing];
	const density = Math.max(THIN, -Math.log10(Math.min(1, through)));
	return { stops: (density - middle) / (slope * densityOfStops(1)) - tone, sd };
}

/**
 * The error of a slide or a negative by spots of it.
 *
 * @param type reversal, or a negative
 * @returns null without a spot
 * @example errorThrough('bw-negative', [{ thing: 'grey', through: 0.2 }])?.stops // 0: a density of 0.7
 */
export function errorThrough(type: FilmType, spots: readonly SpotThrough[]): Told | null {
	const { negative } = factsOf(type);
	const looks = spots.map((spot) =>
		negative
			? errorOfNegative(type, spot)
			: errorBySpot(type, { thing: spot.thing, reflectance: Math.min(1, spot.through) })
	);
	const told = weighed(looks);
	if (!told) return null;
	const [near, far] = negative ? NEGATIVE : SLIDE;
	return { stops: told.stops, sd: Math.max(told.sd, Math.abs(told.stops) > 1 ? far : near) };
}
