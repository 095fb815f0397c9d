import chroma from 'chroma-js';
import { randomLcg } from 'd3-random';
import { createNoise2D } from 'simplex-noise';
import { directColour, GROUND_IN_SHADE, isShaded, SKY_IN_SHADE, skyColours } from '../../light';
import { encodedOf, linearOf, luminanceFromEv, luminanceOf } from '../../units';
import { airOf, albedos, evOfScene, type Air } from './air';
import { even, paint } from './paint';
import { cardOf, crownOf, shapesOf, sunDirection } from './place';
import type { DrawnScene, Ground } from './scene';
import { bounded, firstHit, hitOn, mayMeet, type Ball, type Bounded, type Hit } from './shapes';
import { skyOf } from './sky';
import { cross, dot, plus, unit, type Vector } from './vector';

/** A drawn scene: its light, and what a screen shows of it. */
export interface DrawnPicture {
	width: number;
	height: number;
	/** cd/m², row by row. */
	luminances: Float32Array;
	/** sRGB with alpha, four numbers a pixel. */
	pixels: Uint8ClampedArray<ArrayBuffer>;
}

const RADIAN = Math.PI / 180;
const EYE: Vector = [0, 0, 1.55];
/** Half of what the picture takes in from left to right, as a part of its distance. */
const HALF_WIDE = Math.tan(26 * RADIAN);
const ASPECT = 3 / 2;
/** Where the horizon runs, part of the height from the top. */
const HORIZON = 0.4;

/** The eye takes this for white, K. */
const WHITE = 5600;
const channelsOf = (kelvin: number) =>
	chroma.temperature(kelvin).gl().slice(0, 3).map(linearOf) as unknown as Vector;

/** A light's colour beside what the eye takes for white, of luminance one. */
function colourOf(kelvin: number): Vector {
	const [one, white] = [channelsOf(kelvin), channelsOf(WHITE)];
	const seen = one.map((value, channel) => value / white[channel]) as unknown as Vector;
	const bright = luminanceOf(...seen);
	return seen.map((value) => value / bright) as unknown as Vector;
}

const groundTints: Readonly<Record<Ground, Vector>> = {
	grass: even([0.85, 1.12, 0.45]),
	stone: even([1.04, 1, 0.93]),
	sand: even([1.18, 1, 0.74]),
	snow: even([0.98, 1, 1.04])
};

/** How wide the sun looks through a veil, half of it, radians: a disc in clear air, then ever more of the sky. */
const sunHalfWidth = (veil: number) => (0.35 + 3 * veil + 26 * veil ** 2) * RADIAN;
const RAYS = 16;
const GOLDEN = Math.PI * (3 - Math.sqrt(5));

/** Directions spread evenly over the sun as it looks through the sky. */
function sunRays(sun: Vector, veil: number): Vector[] {
	const across = unit(cross(sun, [0, 0, 1]));
	const along = cross(sun, across);
	return Array.from({ length: RAYS }, (_, at) => {
		const off = sunHalfWidth(veil) * Math.sqrt((at + 0.5) / RAYS);
		const turned = at * GOLDEN;
		return unit(plus(plus(sun, across, off * Math.cos(turned)), along, off * Math.sin(turned)));
	});
}

const GROUND_UP: Vector = [0, 0, 1];

/** All that a pixel's light is worked out from. */
interface Stage {
	scene: DrawnScene;
	air: Air;
	shapes: Bounded[];
	/** Half the width of the sun as it looks through the sky, as a part of its distance. */
	spread: number;
	rays: Vector[];
	sun: Vector;
	crown: Ball;
	skyTowards: (towards: Vector) => Vector;
	roughness: (x: number, y: number) => number;
	colours: { direct: Vector; sky: Vector };
}

/** Part of the sky's light that is left under the crown: a quarter, growing at its rim and in it. */
function under({ crown: { middle, radii } }: Stage, at: Vector): number {
	const off = Math.hypot((at[0] - middle[0]) / radii[0], (at[1] - middle[1]) / radii[1]);
	const inside = 1 - (middle[2] - at[2]) / radii[2];
	return Math.min(1, 1 / 4 + Math.max(0, (off - 0.75) * 1.5, inside * 0.75));
}

/** The part of the sun that a place sees. */
function seen({ shapes, rays, sun, spread }: Stage, from: Vector): number {
	const near = shapes.filter((each) => mayMeet(each, from, sun, spread));
	if (near.length === 0) return 1;
	const free = rays.filter((ray) => !near.some(({ shape }) => hitOn(shape, from, ray)));
	return free.length / rays.length;
}

/** What the thing that gives shade leaves of sky and sunlit ground, where a part of the sun is seen; all of it under a closed sky. */
function shadeAt(share: number, veil: number): [sky: number, ground: number] {
	const shaded = (1 - share) * (1 - veil ** 2);
	return [1 - (1 - SKY_IN_SHADE) * shaded, 1 - (1 - GROUND_IN_SHADE) * shaded];
}

/** What a surface sends to the eye, in the colours of a screen, cd/m²: a matt surface, albedo·E/π. */
function sentBy(stage: Stage, at: Vector, { normal, paint: { albedo, tint } }: Hit): Vector {
	const { air, sun, scene, colours } = stage;
	const towardsSun = Math.max(0, dot(normal, sun));
	const asks = air.normal > 0 && (towardsSun > 0 || isShaded(scene.subject));
	const share = asks ? seen(stage, at) : 1;
	const direct = air.normal * towardsSun * share;
	const up = (1 + normal[2]) / 2;
	const [sky, ground] = isShaded(scene.subject) ? shadeAt(share, scene.veil) : [1, 1];
	const open =
		(air.sky * up * sky + albedos[scene.ground] * (1 - up) * air.global * ground) * under(stage, at);
	return [0, 1, 2].map(
		(channel) =>
			(albedo * tint[channel] * (direct * colours.direct[channel] + open * colours.sky[channel])) / Math.PI
	) as unknown as Vector;
}

/** Farther ground is one with the horizon, m. */
const FARTHEST = 400;
const HEDGE = paint(0.08, [0.8, 1.1, 0.75]);
const HEDGE_HIGH = 0.018;

function groundHit({ scene, roughness }: Stage, towards: Vector): Hit | null {
	const distance = -EYE[2] / towards[2];
	if (towards[2] >= 0 || distance > FARTHEST) return null;
	const [x, y] = plus(EYE, towards, distance);
	const rough = roughness(x * 3, y * 3) * 0.6 + roughness(x * 11, y * 11) * 0.4;
	const albedo = albedos[scene.ground] * (1 + (scene.ground === 'snow' ? 0.04 : 0.22) * rough);
	return { distance, normal: GROUND_UP, paint: { albedo, tint: groundTints[scene.ground] } };
}

function pixelTowards(stage: Stage, towards: Vector): Vector {
	const thing = firstHit(stage.shapes, EYE, towards);
	const ground = groundHit(stage, towards);
	const hit = thing && (!ground || thing.distance < ground.distance) ? thing : ground;
	if (hit) {
		// Off the surface, or it would stand in its own shadow.
		const at = plus(plus(EYE, towards, hit.distance), hit.normal, 1e-3);
		return sentBy(stage, at, hit);
	}
	const hedge = HEDGE_HIGH * (1 + 0.6 * stage.roughness(towards[0] * 9, 7));
	if (towards[2] < hedge) {
		const far = plus(EYE, towards, FARTHEST);
		return sentBy(stage, far, { distance: FARTHEST, normal: [0, -0.7, 0.7], paint: HEDGE });
	}
	return stage.skyTowards(towards);
}

function stageOf(scene: DrawnScene): Stage {
	const air = airOf(scene);
	const sun = sunDirection(scene);
	return {
		scene,
		air,
		shapes: shapesOf(scene).map(bounded),
		spread: Math.tan(sunHalfWidth(scene.veil)),
		rays: sunRays(sun, scene.veil),
		sun,
		crown: crownOf(scene),
		skyTowards: skyOf(scene, air, sun),
		roughness: createNoise2D(randomLcg(scene.seed + 4)),
		colours: {
			direct: colourOf(directColour(scene.altitude)),
			sky: colourOf(scene.veil > 1 / 2 ? skyColours.overcast : skyColours.clear)
		}
	};
}

/** Beyond this many times mid grey's light all is white. */
const WHITEST = 12;
const MID_GREY = 0.18;

/** As an eye sees it that has looked about: half way between the subject's own light and the light around it. */
function shown(channel: number, grey: number): number {
	const light = (channel / grey) * MID_GREY * 1.25;
	return encodedOf((light * (1 + light / WHITEST)) / (1 + light * 0.55));
}

/**
 * Draws a made-up scene, from its light to what a screen shows.
 *
 * The card in it returns 18 % and is held so that it is lit as the subject is: a reflected meter on it
 * reads the scene's EV.
 *
 * @param width pixels; the picture is half as wide again as high
 * @example drawScene(sceneFor('sharp', 1), 60).pixels.length // 60 · 40 · 4
 */
export function drawScene(scene: DrawnScene, width: number): DrawnPicture {
	const height = Math.round(width / ASPECT);
	const stage = stageOf(scene);
	const around = (stage.air.global / Math.PI) * MID_GREY;
	const subject = luminanceFromEv(evOfScene(scene));
	const grey = Math.sqrt(around * subject);
	const luminances = new Float32Array(width * height);
	const pixels = new Uint8ClampedArray(4 * width * height);
	/** What comes from a point of the picture, pixels from its left and its top. */
	const from = (x: number, y: number): Vector => {
		const right = (x / width - 0.5) * 2 * HALF_WIDE;
		const up = (HORIZON - y / height) * ((2 * HALF_WIDE) / ASPECT);
		return pixelTowards(stage, unit([right, 1, up]));
	};
	const onScreen = (sent: Vector) => sent.map((channel) => 255 * shown(channel, grey));
	for (let at = 0; at < width * height; at++) {
		const sent = from((at % width) + 0.5, Math.floor(at / width) + 0.5);
		luminances[at] = luminanceOf(...sent);
		pixels.set(onScreen(sent).map(Math.round), 4 * at);
		pixels[4 * at + 3] = 255;
	}
	smoothEdges({ width, height, luminances, pixels }, (x, y) => onScreen(from(x, y)));
	return { width, height, luminances, pixels };
}

/** Two neighbours that differ by more have an edge between them, of 255. */
const EDGE = 18;
/** Where a pixel on an edge is looked at, from its left and its top. */
const WITHIN = [0.25, 0.75] as const;
const PARTS = WITHIN.length ** 2;

/** Pixels on an edge show the mean of what is inside them, as an eye does: an edge has no steps. What a meter reads stays. */
function smoothEdges({ width, height, pixels }: DrawnPicture, at: (x: number, y: number) => number[]): void {
	const differ = (one: number, other: number) =>
		[0, 1, 2].some((channel) => Math.abs(pixels[4 * one + channel] - pixels[4 * other + channel]) > EDGE);
	const edges: number[] = [];
	for (let each = 0; each < width * height; each++) {
		const column = each % width;
		const near = [
			...(column > 0 ? [each - 1] : []),
			...(column < width - 1 ? [each + 1] : []),
			...(each >= width ? [each - width] : []),
			...(each < width * (height - 1) ? [each + width] : [])
		];
		if (near.some((other) => differ(each, other))) edges.push(each);
	}
	for (const each of edges) {
		const [left, top] = [each % width, Math.floor(each / width)];
		const parts = WITHIN.flatMap((y) => WITHIN.map((x) => at(left + x, top + y)));
		for (const channel of [0, 1, 2])
			pixels[4 * each + channel] = parts.reduce((sum, part) => sum + part[channel], 0) / PARTS;
	}
}

/**
 * Where the middle of the grey card stands in a drawn picture: there a reflected meter reads the scene's EV.
 *
 * @returns parts of the width and of the height
 */
export function onTheCard(scene: DrawnScene): { x: number; y: number } {
	const [right, forward, up] = plus(cardOf(scene).middle, EYE, -1);
	return {
		x: 0.5 + right / forward / (2 * HALF_WIDE),
		y: HORIZON - (up / forward) * (ASPECT / (2 * HALF_WIDE))
	};
}
