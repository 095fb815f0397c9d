import { randomLcg, randomUniform } from 'd3-random';
import type { DrawnScene } from './scene';
import { paint } from './paint';
import type { Ball, Board, Shape } from './shapes';
import { unit, type Vector } from './vector';

const RADIAN = Math.PI / 180;

/** Mid grey, 18 %: what a reflected meter is made for. */
export const CARD = 0.18;
const SKIN = paint(0.35, [1.3, 0.95, 0.8]);
const WOOD = paint(0.16, [1.25, 0.95, 0.75]);
const walls = [
	WOOD,
	paint(0.3, [1.1, 1, 0.9]),
	paint(0.12, [0.75, 0.95, 1.4]),
	paint(0.14, [1.7, 0.8, 0.65])
];
const ROOF = paint(0.1);
const LEAVES = paint(0.09, [0.8, 1.15, 0.5]);
const coats = [paint(0.12, [0.7, 0.95, 1.5]), paint(0.14, [1.9, 0.75, 0.6]), paint(0.25, [1.3, 1.05, 0.4])];

/** Where the person stands that the picture is of. */
export const PERSON: Vector = [-0.35, 4.6, 0];
const CARD_AT: Vector = [0.55, 4.2, 1.1];

/** The direction in which the sun stands. */
export function sunDirection({ altitude, sunFrom }: DrawnScene): Vector {
	const flat = Math.cos(altitude * RADIAN);
	return [flat * Math.sin(sunFrom * RADIAN), -flat * Math.cos(sunFrom * RADIAN), Math.sin(altitude * RADIAN)];
}

/** Half way up to the sun the card gets of sun and sky what a subject that faces the sun does. */
const HALF_UP = 1 / 2;
/** A card under a closed sky is turned up to it, degrees. */
const UP_TO_THE_SKY = 60;

/** Which way the grey card is held: so that it is lit as the subject is. */
function cardNormal({ altitude, sunFrom, veil, subject }: DrawnScene): Vector {
	const closed = veil ** 2;
	if (subject === 'facing') {
		const up = (altitude * HALF_UP * (1 - closed) + UP_TO_THE_SKY * closed) * RADIAN;
		return [
			Math.cos(up) * Math.sin(sunFrom * RADIAN),
			-Math.cos(up) * Math.cos(sunFrom * RADIAN),
			Math.sin(up)
		];
	}
	if (subject !== 'side') return [0, -1, 0];
	// Half of the direct light: 60° off the sun, turned towards the eye.
	const off = Math.acos(Math.min(1, 0.5 / Math.cos(altitude * RADIAN)));
	const turned = sunFrom * RADIAN - Math.sign(sunFrom) * off;
	return [Math.sin(turned), -Math.cos(turned), 0];
}

/** The crown of the tree, whose shade is deep. */
export function crownOf({ subject, sunFrom, seed }: DrawnScene): Ball {
	const side = Math.sign(sunFrom);
	if (subject === 'deep-shade')
		return { kind: 'ball', middle: [0, 4, 3.6], radii: [3.6, 3.6, 1.2], paint: LEAVES };
	const away = randomUniform.source(randomLcg(seed + 1))(2.4, 3.2)();
	return { kind: 'ball', middle: [-side * away, 9.5, 3.1], radii: [1.5, 1.5, 1.3], paint: LEAVES };
}

/** A shed: before the sun where it is to give shade, else behind the person. */
function shed({ subject, sunFrom, altitude, seed }: DrawnScene): Shape[] {
	const side = Math.sign(sunFrom);
	const wall = walls[seed % walls.length];
	if (subject === 'open-shade') {
		const [near, far] = [1.35, 5.5];
		const high = 2 + (near + 1) * Math.tan(altitude * RADIAN);
		const [left, right] = side > 0 ? [near, far] : [-far, -near - 0.4];
		return [{ kind: 'block', low: [left, 1.5, 0], high: [right, 9, high], paint: wall }];
	}
	const source = randomLcg(seed + 5);
	const [wide, high, away] = [
		randomUniform.source(source)(2, 4.5)(),
		randomUniform.source(source)(1.9, 2.9)(),
		randomUniform.source(source)(8, 14)()
	];
	const [left, right] = side > 0 ? [1.3, 1.3 + wide] : [-1.3 - wide, -1.3];
	return [
		{ kind: 'block', low: [left, away, 0], high: [right, away + 2.5, high], paint: wall },
		{
			kind: 'block',
			low: [left - 0.2, away - 0.2, high],
			high: [right + 0.2, away + 2.7, high + 0.25],
			paint: ROOF
		}
	];
}

/** Posts, whose shadows tell of the sky. */
function posts(seed: number): Shape[] {
	const source = randomLcg(seed + 2);
	const shift = randomUniform.source(source)(-0.2, 0.2);
	return [-1.55, -1.05, 1.3].map((right, at) => {
		const [x, y] = [right + shift(), 3.6 + at * 0.35 + shift()];
		return { kind: 'block', low: [x - 0.05, y - 0.05, 0], high: [x + 0.05, y + 0.05, 0.85], paint: WOOD };
	});
}

/** The grey card beside the person. */
export function cardOf(scene: DrawnScene): Board {
	return { kind: 'board', middle: CARD_AT, normal: unit(cardNormal(scene)), half: 0.24, paint: paint(CARD) };
}

/** All that stands in a scene. */
export function shapesOf(scene: DrawnScene): Shape[] {
	const crown = crownOf(scene);
	const [x, y] = scene.subject === 'deep-shade' ? [1.5, 5.6] : crown.middle;
	const [right, forward] = PERSON;
	const coat = coats[scene.seed % coats.length];
	return [
		cardOf(scene),
		{
			kind: 'block',
			low: [CARD_AT[0] - 0.03, CARD_AT[1] + 0.06, 0],
			high: [CARD_AT[0] + 0.03, CARD_AT[1] + 0.12, CARD_AT[2]],
			paint: WOOD
		},
		{ kind: 'ball', middle: [right, forward, 1.56], radii: [0.13, 0.13, 0.16], paint: SKIN },
		{ kind: 'ball', middle: [right, forward, 0.98], radii: [0.27, 0.2, 0.48], paint: coat },
		{ kind: 'ball', middle: [right - 0.09, forward, 0.44], radii: [0.12, 0.12, 0.46], paint: paint(0.08) },
		{ kind: 'ball', middle: [right + 0.09, forward, 0.44], radii: [0.12, 0.12, 0.46], paint: paint(0.08) },
		crown,
		{ kind: 'block', low: [x - 0.15, y - 0.15, 0], high: [x + 0.15, y + 0.15, crown.middle[2]], paint: WOOD },
		...shed(scene),
		...posts(scene.seed)
	];
}
