import type { Exposed, Sky } from '../types';
import type { Moon } from './position';

/**
 * Illuminance by day, twilight and moon. Source: the daylight availability model of IES RP-21 (from
 * memory) from 5° up; twilight values below (from memory).
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
	/** What is left, of its share of the clear sky's light at 5°, by −6°. */
	twilightShare?: number;
}

const clearSky = (sine: number) => 800 + 15_500 * Math.sqrt(sine);
const partlySky = (sine: number) => 300 + 45_000 * sine;
const overcastSky = (sine: number) => 300 + 21_000 * sine;

const skies: Readonly<Record<Sky, SkyModel>> = {
	clear: { extinction: 0.21, sky: clearSky, closed: false },
	hazy: { extinction: 0.45, sky: (sine) => (clearSky(sine) + partlySky(sine)) / 2, closed: false },
	partly: { extinction: 0.8, sky: partlySky, closed: false },
	overcast: { extinction: null, sky: overcastSky, closed: true, twilightShare: 0.1 },
	// A stop under overcast.
	heavy: { extinction: null, sky: (sine) => overcastSky(sine) / 2, closed: true, twilightShare: 0.05 }
};

const LOWEST_OF_FORMULA = 5;
const AT_FIVE = Math.sin(LOWEST_OF_FORMULA * RADIAN);

/** Clear-sky horizontal illuminance below 5°, degrees and lx; log-linear between. */
const twilight: readonly (readonly [altitude: number, lux: number])[] = [
	[-18, 0.0006],
	[-12, 0.008],
	[-6, 3.4],
	[-0.8, 450],
	[0, 740],
	[LOWEST_OF_FORMULA, clearSky(AT_FIVE)]
];

/** Illuminance along the points of the twilight, straight in its logarithm. */
function alongTwilight(altitude: number): number {
	const [lowest] = twilight;
	if (altitude <= lowest[0]) return lowest[1];
	const above = twilight.findIndex(([at]) => at >= altitude);
	const [[from, dim], [to, bright]] = [twilight[above - 1], twilight[above]];
	return dim * (bright / dim) ** ((altitude - from) / (to - from));
}

const END_OF_SHARE = -6;

/** A sky's share of the clear sky's light in low sun and twilight. */
function shareBelow(altitude: number, { sky, twilightShare }: SkyModel): number {
	const atFive = sky(AT_FIVE) / clearSky(AT_FIVE);
	const end = twilightShare ?? atFive;
	const down = Math.min(1, (LOWEST_OF_FORMULA - altitude) / (LOWEST_OF_FORMULA - END_OF_SHARE));
	return atFive * (end / atFive) ** down;
}

function horizontalSky(altitude: number, model: SkyModel): number {
	if (altitude >= LOWEST_OF_FORMULA) return model.sky(Math.sin(altitude * RADIAN));
	return alongTwilight(altitude) * shareBelow(altitude, model);
}

const directNormal = (sine: number, { extinction }: SkyModel) =>
	extinction === null || sine <= 0 ? 0 : SOLAR * Math.exp(-extinction / sine);

/** The light on a subject and the part of it that comes straight from the sun or moon, lx. */
export interface Illuminance {
	lux: number;
	direct: number;
}

const BOUNCE = 0.1;
/** Deep shade is two stops under open shade. */
export const DEEP = 1 / 4;
/** Part of the direct light that a subject gets by how it stands. */
export const directShare: Readonly<Record<Exposed, number>> = {
	facing: 1,
	side: 1 / 2,
	back: 0,
	'open-shade': 0,
	'deep-shade': 0
};

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
	return {
		normal: directNormal(Math.sin(altitude * RADIAN), model),
		horizontal: horizontalSky(altitude, model)
	};
}

/**
 * Illuminance on a subject from a sun at a height: direct light by how it faces, half of the sky,
 * and a tenth of what falls on the ground. Below 5° the sky's light goes through twilight.
 *
 * @param altitude geometric, degrees
 * @example daylight(60, 'clear', 'facing').lux // 118 000
 */
export function daylight(altitude: number, sky: Sky, subject: Exposed): Illuminance {
	const { normal, horizontal } = daylightFrom(altitude, sky);
	const shade = subject === 'deep-shade' ? DEEP : 1;
	if (skies[sky].closed) return { lux: horizontal * shade, direct: 0 };
	const direct = normal * directShare[subject];
	const ground = BOUNCE * (normal * Math.max(0, Math.sin(altitude * RADIAN)) + horizontal);
	return { lux: (direct + horizontal / 2 + ground) * shade, direct };
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
export function moonlight({ altitude, phaseAngle }: Moon, sky: Sky, subject: Exposed): Illuminance {
	const scale = (LUNAR / SOLAR) * moonPhaseFactor(phaseAngle);
	const { lux, direct } = daylight(altitude, sky, subject);
	return { lux: lux * scale, direct: direct * scale };
}
