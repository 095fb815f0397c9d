import { daylightFrom, DEEP, directShare } from '../../light';
import { evFromLux } from '../../units';
import type { DrawnScene, Ground } from './scene';

const RADIAN = Math.PI / 180;

/** Part of the light that the ground gives back; common practice. */
export const albedos: Readonly<Record<Ground, number>> = { grass: 0.2, stone: 0.2, sand: 0.4, snow: 0.8 };

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
export function airOf({ altitude, veil, heavy }: Pick<DrawnScene, 'altitude' | 'veil' | 'heavy'>): Air {
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
 * @example evOfScene(a clear noon on grass, subject facing the sun) // 15.4
 */
export function evOfScene(scene: DrawnScene): number {
	const { normal, sky, global } = airOf(scene);
	/** Under a closed sky every subject gets the light of all of it. */
	const closed = scene.veil ** 2;
	const ground = (albedos[scene.ground] / 2) * (1 - closed) * global;
	const fromSky = sky * (1 / 2 + closed / 2);
	const shade = scene.subject === 'deep-shade' ? DEEP : 1;
	return evFromLux((normal * directShare[scene.subject] + fromSky + ground) * shade);
}
