import { PLAIN_ALBEDO } from '../ground';
import type { Exposed, Sky } from '../types';
import { monotone, type Point } from './monotone';
import type { Moon } from './position';

/**
 * Illuminance by day, twilight and moon. Source: the daylight availability model of IES RP-21 (from
 * memory) from 15° up; below, twilight after Janiczek and DeYoung 1987 (from memory).
 */

const RADIAN = Math.PI / 180;
/** Direct normal illuminance before the air, lx. */
const SOLAR = 128_000;

/** Horizontal illuminance of a sky, lx: A + B·sin^C h. */
interface SkyModel {
	/** Extinction of the direct light; null: none comes through. */
	extinction: number | null;
	sky: (sine: number) => number;
	/** Under a closed sky every subject gets the light of all of it. */
	closed: boolean;
	/** Part of the light from below that the sky throws down again. */
	back: number;
	/** What is left, of its share of the clear sky's light at 15°, by −6°. */
	twilightShare?: number;
}

const clearSky = (sine: number) => 800 + 15_500 * Math.sqrt(sine);
const partlySky = (sine: number) => 300 + 45_000 * sine;
const overcastSky = (sine: number) => 300 + 21_000 * sine;

const skies: Readonly<Record<Sky, SkyModel>> = {
	clear: { extinction: 0.21, sky: clearSky, closed: false, back: 0.07 },
	hazy: {
		extinction: 0.45,
		sky: (sine) => (clearSky(sine) + partlySky(sine)) / 2,
		closed: false,
		back: 0.185
	},
	partly: { extinction: 0.8, sky: partlySky, closed: false, back: 0.3 },
	overcast: { extinction: null, sky: overcastSky, closed: true, back: 0.5, twilightShare: 0.1 },
	// A stop under overcast.
	heavy: {
		extinction: null,
		sky: (sine) => overcastSky(sine) / 2,
		closed: true,
		back: 0.5,
		twilightShare: 0.05
	}
};

/** Part of the light from below that a sky throws down again; common practice. */
export const thrownBack = (sky: Sky): number => skies[sky].back;

const directNormal = (sine: number, { extinction }: SkyModel) =>
	extinction === null || sine <= 0 ? 0 : SOLAR * Math.exp(-extinction / sine);

const sineOf = (altitude: number) => Math.sin(altitude * RADIAN);

/** From here on the formula holds; below, the curve, which goes over into it without a kink. */
const LOWEST_OF_FORMULA = 15;
const AT_LOWEST = sineOf(LOWEST_OF_FORMULA);
const SETTLED = 20;

/** All of a clear sky's light on the ground, degrees and lx; after Janiczek and DeYoung, from memory. */
const published: readonly Point[] = [
	[-18, 0.00065],
	[-15, 0.002],
	[-12, 0.0081],
	[-9, 0.116],
	[-6, 3.41],
	[-3, 79],
	[0, 759],
	[2, 1920],
	[5, 4200]
];
/** The light of the clear sky alone: the sun's own part taken off, and the formula's from where it holds. */
const lowSky = monotone(
	[
		...published.map(([altitude, lux]): Point => {
			const sine = sineOf(altitude);
			return [altitude, lux - directNormal(sine, skies.clear) * Math.max(0, sine)];
		}),
		...[LOWEST_OF_FORMULA, SETTLED].map((altitude): Point => [altitude, clearSky(sineOf(altitude))])
	].map(([altitude, lux]) => [altitude, Math.log(lux)])
);

/** The light of the clear sky alone on the ground, lx. */
const clearHorizontal = (altitude: number) =>
	altitude >= LOWEST_OF_FORMULA ? clearSky(sineOf(altitude)) : Math.exp(lowSky(altitude));

const END_OF_SHARE = -6;

/** A sky's share of the clear sky's light in low sun and twilight. */
function shareBelow(altitude: number, { sky, twilightShare }: SkyModel): number {
	const above = sky(AT_LOWEST) / clearSky(AT_LOWEST);
	const end = twilightShare ?? above;
	const down = Math.min(1, (LOWEST_OF_FORMULA - altitude) / (LOWEST_OF_FORMULA - END_OF_SHARE));
	return above * (end / above) ** down;
}

function horizontalSky(altitude: number, model: SkyModel): number {
	if (altitude >= LOWEST_OF_FORMULA) return model.sky(sineOf(altitude));
	return clearHorizontal(altitude) * shareBelow(altitude, model);
}

/** The light on a subject and the part of it that comes straight from the sun or moon, lx. */
export interface Illuminance {
	lux: number;
	direct: number;
}

/** The light of a day before it meets a subject, lx: the sun's onto what faces it, and the whole sky's onto the ground. */
export interface Daylight {
	normal: number;
	horizontal: number;
}

/**
 * What sun and sky send through a sky.
 *
 * @param altitude geometric, degrees
 * @example daylightFrom(60, 'overcast') // { normal: 0, horizontal: 18 500 }
 */
export function daylightFrom(altitude: number, sky: Sky): Daylight {
	const model = skies[sky];
	return { normal: directNormal(sineOf(altitude), model), horizontal: horizontalSky(altitude, model) };
}

/** How a subject stands, and what lies around it. */
export interface Stands {
	subject: Exposed;
	/** Between where it looks and where the sun stands, degrees: in place of facing, side and back. */
	apart?: number;
	/** Of the ground around it. */
	albedo?: number;
}

/** Deep shade is two stops under open shade. */
const DEEP = 1 / 4;
/** What open shade has of the sky, and of the sunlit ground; common practice. */
export const [SKY_IN_SHADE, GROUND_IN_SHADE] = [0.65, 0.5];
/** What a dome has of an overcast sky, which is brighter overhead. Source: the CIE overcast sky, integrated. */
const OVERCAST_ON_DOME = 6 / 7;
/** From beside on a subject shades its own front; from behind nothing of the sun is left, degrees. */
const [BESIDE, BEHIND] = [90, 120];

const apartOf: Readonly<Record<Exposed, number>> = {
	facing: 0,
	side: BESIDE,
	back: BEHIND,
	'open-shade': BEHIND,
	'deep-shade': BEHIND
};
/** The subject stands in the shade of something. */
export const isShaded = (subject: Exposed): boolean => subject === 'open-shade' || subject === 'deep-shade';

/** Part of the direct light that a dome gets: (1 + cos θ) / 2, cos θ = cos h · cos Δ. */
function directPart(altitude: number, { subject, apart }: Stands): number {
	const away = isShaded(subject) || apart === undefined ? apartOf[subject] : Math.abs(apart);
	const own = Math.min(1, Math.max(0, (BEHIND - away) / (BEHIND - BESIDE)));
	return own * ((1 + Math.cos(altitude * RADIAN) * Math.cos(away * RADIAN)) / 2);
}

/**
 * What an incident meter with a dome shows at a subject, facing the camera: the sun by where it stands, the
 * sky, and what the ground throws back, which the sky throws down again.
 *
 * @param altitude geometric, degrees
 * @param light before it meets the subject
 * @param back part of the light from below that the sky throws down again
 * @param closed 0: a sky with gaps or none, 1: closed
 */
export function onDome(
	altitude: number,
	{ normal, horizontal }: Daylight,
	stands: Stands,
	back: number,
	closed: number
): Illuminance {
	const { subject, albedo = PLAIN_ALBEDO } = stands;
	const grown = horizontal * ((1 - PLAIN_ALBEDO * back) / (1 - albedo * back));
	const ground = albedo * (normal * Math.max(0, sineOf(altitude)) + grown);
	const inShade = (part: number) => (isShaded(subject) ? part + (1 - part) * closed : 1);
	const sky = grown * (1 - closed * (1 - OVERCAST_ON_DOME));
	const direct = normal * directPart(altitude, stands);
	const all = direct + sky * inShade(SKY_IN_SHADE) + ground * inShade(GROUND_IN_SHADE);
	const deep = subject === 'deep-shade' ? DEEP : 1;
	return { lux: all * deep, direct: direct * deep };
}

/**
 * Illuminance on the dome of a meter at a subject, from a sun at a height.
 *
 * @param altitude geometric, degrees
 * @example daylight(45, 'clear', { subject: 'facing' }).lux // 111 000
 */
export function daylight(altitude: number, sky: Sky, stands: Stands): Illuminance {
	return onDome(altitude, daylightFrom(altitude, sky), stands, thrownBack(sky), skies[sky].closed ? 1 : 0);
}

/** Full moon before the air, lx: a quarter of a lux on the ground when it is high; common practice. */
const LUNAR = 0.31;

/**
 * How much dimmer the moon is by its phase.
 * Source: Allen, Astrophysical Quantities, as used by Krisciunas and Schaefer 1991 (from memory):
 * magnitude −12.73 + 0.026·|α| + 4·10⁻⁹·α⁴.
 *
 * @param phaseAngle degrees, 0 full
 * @returns 1 at full moon
 */
export function moonPhaseFactor(phaseAngle: number): number {
	return 10 ** (-0.4 * (0.026 * phaseAngle + 4e-9 * phaseAngle ** 4));
}

/** Illuminance by the moon: a small, dim sun, with its own light in the sky. */
export function moonlight({ altitude, phaseAngle }: Moon, sky: Sky, stands: Stands): Illuminance {
	const scale = (LUNAR / SOLAR) * moonPhaseFactor(phaseAngle);
	const { lux, direct } = daylight(altitude, sky, stands);
	return { lux: lux * scale, direct: direct * scale };
}
