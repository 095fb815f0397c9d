import { sunlight } from '../light';
import { luxFromEv } from '../units';

/** A made-up scene of known light, in which a simulated meter and a simulated camera phone read. */

export type StandInLight = 'lamp' | 'sun' | 'overcast';

/** A thing in the scene: where it stands, m from the left and from the ground, and how much light it returns. */
export interface Patch {
	id: 'wall' | 'sheet' | 'coat' | 'card';
	words: string;
	x: number;
	y: number;
	width: number;
	height: number;
	/** Part of the light that it reflects, 0 … 1. */
	reflectance: number;
}

export interface Point {
	x: number;
	y: number;
}

/** The scene, in metres. */
export const SCENE = { width: 4, height: 2.5 } as const;

/** Where the lamp hangs, a metre in front of the wall. */
export const LAMP: Readonly<Point> = { x: 0.5, y: 2.1 };
const LAMP_IN_FRONT = 1;

/** From the back to the front. */
export const patches: readonly Patch[] = [
	{ id: 'wall', words: 'the grey wall', x: 0, y: 0, width: 4, height: 2.5, reflectance: 0.3 },
	{ id: 'sheet', words: 'the white sail', x: 2.6, y: 0.5, width: 0.9, height: 1.5, reflectance: 0.8 },
	{ id: 'coat', words: 'the black coat', x: 1.1, y: 0.2, width: 0.7, height: 1.3, reflectance: 0.04 },
	// Mid grey, 18 %: what a reflected meter is made for.
	{ id: 'card', words: 'the grey card', x: 2, y: 0.9, width: 0.3, height: 0.4, reflectance: 0.18 }
];

/** The sun stands so high over the scene, degrees. */
const HIGH = 60;
/** EV of the lamp at one metre, of the sun and of the shade right of the shed's edge, of an even grey sky. */
const EV = {
	lamp: 9,
	sun: sunlight(HIGH, 'clear', 'facing').ev,
	shade: sunlight(HIGH, 'clear', 'open-shade').ev,
	overcast: sunlight(HIGH, 'overcast', 'facing').ev
} as const;
/** Where the shed's shade begins in the sun, m. */
export const SHADE_FROM = 2.45;

/**
 * The true light at a point of the scene.
 *
 * Under the lamp it falls with the distance squared.
 *
 * @returns EV at ISO 100
 * @example trueEv('overcast', { x: 1, y: 1 }) // 12.5
 */
export function trueEv(light: StandInLight, { x, y }: Point): number {
	if (light === 'overcast') return EV.overcast;
	if (light === 'sun') return x < SHADE_FROM ? EV.sun : EV.shade;
	const distance = Math.hypot(x - LAMP.x, y - LAMP.y, LAMP_IN_FRONT);
	return EV.lamp - 2 * Math.log2(distance);
}

/** The foremost patch at a point. */
export function patchAt({ x, y }: Point): Patch {
	const covers = (patch: Patch) =>
		x >= patch.x && x <= patch.x + patch.width && y >= patch.y && y <= patch.y + patch.height;
	return patches.findLast(covers) ?? patches[0];
}

/** The middle of a patch. */
export function middleOf({ x, y, width, height }: Patch): Point {
	return { x: x + width / 2, y: y + height / 2 };
}

/**
 * What the surface at a point sends to the camera: luminance E·ρ/π.
 * Source: the definition of a matt surface; E = 2.5·2^EV lx by ISO 2720:1974.
 *
 * @returns cd/m²
 */
export function luminanceAt(light: StandInLight, point: Point): number {
	return (luxFromEv(trueEv(light, point)) * patchAt(point).reflectance) / Math.PI;
}
