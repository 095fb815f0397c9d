import { albedoOf, daylightFrom, onDome, PLAIN_ALBEDO, thrownBack } from '../../light';
import { evFromDome } from '../../units';
import type { OpenScene, Ground } from './scene';

const RADIAN = Math.PI / 180;

/** Part of the light that the ground gives back; common practice. */
export const albedos: Readonly<Record<Ground, number>> = {
	grass: PLAIN_ALBEDO,
	stone: PLAIN_ALBEDO,
	sand: albedoOf.sand,
	snow: albedoOf.snow,
	water: albedoOf.water
};

/** What falls through the sky of a scene, lx. */
export interface Air {
	/** Straight from the sun, onto what faces it. */
	normal: number;
	/** From the whole sky, onto the ground. */
	sky: number;
	/** Both, onto the ground. */
	global: number;
}

/** How fast a veil of cloud takes the sun's share of what is left; common practice: gone to the eye at two thirds. */
const FADES = 1.5;
const HEAVY = 1 / 2;

/**
 * Sun and sky through a veil of cloud: between the published clear and overcast skies all light on the
 * ground goes by equal factors, and the sun's share of it fades.
 * Source: IES RP-21 (from memory) at both ends; between them common practice, by which each step of the
 * shadow's edge is a stop.
 */
export function airOf({ altitude, veil, heavy }: Pick<OpenScene, 'altitude' | 'veil' | 'heavy'>): Air {
	const sine = Math.sin(altitude * RADIAN);
	const [clear, closed] = [daylightFrom(altitude, 'clear'), daylightFrom(altitude, 'overcast')];
	const clearGlobal = clear.normal * sine + clear.horizontal;
	const global = clearGlobal ** (1 - veil) * closed.horizontal ** veil * (heavy ? HEAVY : 1);
	const direct = ((clear.normal * sine) / clearGlobal) * (1 - veil) ** FADES;
	return { normal: (global * direct) / sine, sky: global * (1 - direct), global };
}

/**
 * The light on the subject of a drawn scene: as by sun and clock, with the ground's own brightness.
 *
 * @returns EV at ISO 100
 * @example evOfOpen(a clear noon on grass, subject facing the sun) // 15
 */
export function evOfOpen(scene: OpenScene): number {
	const { altitude, veil, subject, ground } = scene;
	const { normal, sky } = airOf(scene);
	/** Under a closed sky every subject gets the light of all of it. */
	const closed = veil ** 2;
	const back = thrownBack('clear') * (1 - veil) + thrownBack('overcast') * veil;
	const stands = { subject, albedo: albedos[ground] };
	return evFromDome(onDome(altitude, { normal, horizontal: sky }, stands, back, closed).lux);
}
