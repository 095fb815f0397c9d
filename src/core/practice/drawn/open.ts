import { randomLcg } from 'd3-random';
import { createNoise2D } from 'simplex-noise';
import { directColour, GROUND_IN_SHADE, isShaded, SKY_IN_SHADE, skyColours } from '../../light';
import { luminanceFromEv } from '../../units';
import { airOf, albedos, evOfOpen, type Air } from './air';
import { colourOf } from './colour';
import { EYE, type Looked, type Looks } from './looks';
import { even, paint } from './paint';
import { CARD, crownOf, shapesOf, sunDirection } from './place';
import type { Ground, OpenScene } from './scene';
import {
	bounded,
	disc,
	distanceTo,
	lookingFrom,
	mayMeet,
	partFree,
	type Ball,
	type Bounded,
	type FirstHit,
	type Hit
} from './shapes';
import { skyOf } from './sky';
import { cross, dot, plus, unit, type Vector } from './vector';

const RADIAN = Math.PI / 180;

const groundTints: Readonly<Record<Ground, Vector>> = {
	grass: even([0.85, 1.12, 0.45]),
	stone: even([1.04, 1, 0.93]),
	sand: even([1.18, 1, 0.74]),
	snow: even([0.98, 1, 1.04]),
	water: even([0.8, 1.02, 1.2])
};

/** How wide the sun looks through a veil, half of it, radians: a disc in clear air, then ever more of the sky. */
const sunHalfWidth = (veil: number) => (0.35 + 3 * veil + 26 * veil ** 2) * RADIAN;
const RAYS = disc(16);

/** Directions spread evenly over the sun as it looks through the sky, from its middle outward. */
function sunRays(sun: Vector, veil: number): Vector[] {
	const across = unit(cross(sun, [0, 0, 1]));
	const along = cross(sun, across);
	const wide = sunHalfWidth(veil);
	return RAYS.map(([right, up]) => unit(plus(plus(sun, across, wide * right), along, wide * up)));
}

const GROUND_UP: Vector = [0, 0, 1];

/** All that a pixel's light is worked out from. */
interface Stage {
	scene: OpenScene;
	air: Air;
	shapes: Bounded[];
	/** What of them the eye meets first. */
	meet: (towards: Vector) => FirstHit | null;
	/** Half the width of the sun as it looks through the sky, as a part of its distance. */
	spread: number;
	rays: Vector[];
	sun: Vector;
	crown: Ball;
	skyTowards: (towards: Vector) => Vector;
	noise: (x: number, y: number) => number;
	colours: { direct: Vector; sky: Vector };
}

/** Part of the sky's light that is left under the crown: a quarter, growing at its rim and in it. */
function under({ crown: { middle, radii } }: Stage, at: Vector): number {
	const off = Math.hypot((at[0] - middle[0]) / radii[0], (at[1] - middle[1]) / radii[1]);
	const inside = 1 - (middle[2] - at[2]) / radii[2];
	return Math.min(1, 1 / 4 + Math.max(0, (off - 0.75) * 1.5, inside * 0.75));
}

const meets = (near: readonly Bounded[], from: Vector, ray: Vector): boolean => {
	for (const { shape } of near) if (distanceTo(shape, from, ray) < Infinity) return true;
	return false;
};

/** The part of the sun that a place sees. */
function seen({ shapes, rays, sun, spread }: Stage, from: Vector): number {
	const near: Bounded[] = [];
	for (const each of shapes) if (mayMeet(each, from, sun, spread)) near.push(each);
	if (near.length === 0) return 1;
	return partFree(rays, (ray) => !meets(near, from, ray));
}

/** What the thing that gives shade leaves of sky and sunlit ground, where a part of the sun is seen; all of it under a closed sky. */
function shadeAt(share: number, veil: number): [sky: number, ground: number] {
	const shaded = (1 - share) * (1 - veil ** 2);
	return [1 - (1 - SKY_IN_SHADE) * shaded, 1 - (1 - GROUND_IN_SHADE) * shaded];
}

/** What a surface sends to the eye, in the colours of a screen, cd/m²: a matt surface, albedo·E/π. */
function sentBy(
	stage: Stage,
	at: Vector,
	{ normal, paint: { albedo, tint } }: Omit<Hit, 'distance'>
): Vector {
	const { air, sun, scene, colours } = stage;
	const towardsSun = Math.max(0, dot(normal, sun));
	const asks = air.normal > 0 && (towardsSun > 0 || isShaded(scene.subject));
	const share = asks ? seen(stage, at) : 1;
	const direct = air.normal * towardsSun * share;
	const up = (1 + normal[2]) / 2;
	const [sky, ground] = isShaded(scene.subject) ? shadeAt(share, scene.veil) : [1, 1];
	const open =
		(air.sky * up * sky + albedos[scene.ground] * (1 - up) * air.global * ground) * under(stage, at);
	const sent = (channel: 0 | 1 | 2) =>
		(albedo * tint[channel] * (direct * colours.direct[channel] + open * colours.sky[channel])) / Math.PI;
	return [sent(0), sent(1), sent(2)];
}

/** Farther ground is one with the horizon, m. */
const FARTHEST = 400;
const HEDGE = paint(0.08, [0.8, 1.1, 0.75]);
const HEDGE_HIGH = 0.018;
/** What is seen that is none of the shapes. */
const [GROUND, WATER, FAR, SKY] = [-1, -2, -3, -4];

/** Before it the shore is stone, m. */
const SHORE = 5.4;
const SHORE_PAINT = paint(albedos.stone, groundTints.stone);
/** How far ripples tilt the water, and how long they are, of a metre. */
const [TILT, RIPPLES] = [0.09, 1.6];
/** By how much the smallest of them spread the sun, radians. */
const SPARKLE = 0.1;
/** What water gives back straight down, and at its flattest. Source: Fresnel's equations for an index of 1.33, by Schlick. */
const STRAIGHT = 0.02;

/** The sky in rippled water, and what comes up out of it. */
function waterAt(stage: Stage, at: Vector, towards: Vector): Vector {
	const { noise, air, sun, skyTowards, colours } = stage;
	const slope = (x: number, y: number) => TILT * noise(at[0] * RIPPLES + x, at[1] * RIPPLES * 0.6 + y);
	const normal = unit([slope(0, 0), slope(31, 17), 1]);
	const facing = Math.max(0, -dot(towards, normal));
	const back = plus(towards, normal, 2 * facing);
	const part = STRAIGHT + (1 - STRAIGHT) * (1 - facing) ** 5;
	const sky = skyTowards(unit([back[0], back[1], Math.max(0.02, back[2])]));
	// Ripples too small to be drawn spread the sun itself.
	const off = Math.acos(Math.min(1, dot(back, sun))) / SPARKLE;
	const glint = (part * air.normal * Math.exp(-(off ** 2))) / (Math.PI * SPARKLE ** 2);
	const body = (albedos.water / Math.PI) * air.global * (1 - part);
	const sent = (channel: 0 | 1 | 2) =>
		part * sky[channel] +
		glint * colours.direct[channel] +
		body * groundTints.water[channel] * colours.sky[channel];
	return [sent(0), sent(1), sent(2)];
}

function groundAt(stage: Stage, towards: Vector): Looked | null {
	const distance = -EYE[2] / towards[2];
	if (towards[2] >= 0 || distance > FARTHEST) return null;
	const { ground } = stage.scene;
	const at = plus(plus(EYE, towards, distance), GROUND_UP, 1e-3);
	if (ground !== 'water') {
		const own = { albedo: albedos[ground], tint: groundTints[ground] };
		return { thing: GROUND, light: () => sentBy(stage, at, { normal: GROUND_UP, paint: own }) };
	}
	if (at[1] > SHORE + 0.25 * stage.noise(at[0], 3))
		return { thing: WATER, light: () => waterAt(stage, at, towards) };
	return { thing: GROUND, light: () => sentBy(stage, at, { normal: GROUND_UP, paint: SHORE_PAINT }) };
}

function lookedAt(stage: Stage, towards: Vector): Looked {
	const thing = stage.meet(towards);
	// Nothing stands below the ground.
	if (thing && EYE[2] + thing.distance * towards[2] >= 0) {
		// Off the surface, or it would stand in its own shadow.
		const at = plus(plus(EYE, towards, thing.distance), thing.normal, 1e-3);
		return { thing: thing.which, light: () => sentBy(stage, at, thing) };
	}
	const ground = groundAt(stage, towards);
	if (ground) return ground;
	const hedge = HEDGE_HIGH * (1 + 0.6 * stage.noise(towards[0] * 9, 7));
	if (towards[2] < hedge) {
		const far = plus(EYE, towards, FARTHEST);
		return { thing: FAR, light: () => sentBy(stage, far, { normal: [0, -0.7, 0.7], paint: HEDGE }) };
	}
	return { thing: SKY, light: () => stage.skyTowards(towards) };
}

/** By how much the ground is lighter here and darker there. */
function roughOf({ scene, noise }: Stage, towards: Vector): number {
	const distance = -EYE[2] / towards[2];
	const [x, y] = [distance * towards[0], distance * towards[1]];
	const rough = noise(x * 3, y * 3) * 0.6 + noise(x * 11, y * 11) * 0.4;
	return 1 + (scene.ground === 'snow' ? 0.04 : 0.22) * rough;
}

/** An outdoor scene as it is looked at. */
export function openLooks(scene: OpenScene): Looks {
	const air = airOf(scene);
	const sun = sunDirection(scene);
	const shapes = shapesOf(scene).map(bounded);
	const stage: Stage = {
		scene,
		air,
		shapes,
		meet: lookingFrom(shapes, EYE),
		spread: Math.tan(sunHalfWidth(scene.veil)),
		rays: sunRays(sun, scene.veil),
		sun,
		crown: crownOf(scene),
		skyTowards: skyOf(scene, air, sun),
		noise: createNoise2D(randomLcg(scene.seed + 4)),
		colours: {
			direct: colourOf(directColour(scene.altitude)),
			sky: colourOf(scene.veil > 1 / 2 ? skyColours.overcast : skyColours.clear)
		}
	};
	// Half way between the subject's own light and the light around it.
	const around = (air.global / Math.PI) * CARD;
	return {
		towards: (towards) => lookedAt(stage, towards),
		plain: false,
		isRough: (thing) => thing === GROUND,
		roughness: (towards) => roughOf(stage, towards),
		grey: Math.sqrt(around * luminanceFromEv(evOfOpen(scene)))
	};
}
