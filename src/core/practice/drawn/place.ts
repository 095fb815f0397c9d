import { randomLcg, randomUniform } from 'd3-random';
import { luminanceFromEv } from '../../units';
import { airOf, albedos, evOfOpen } from './air';
import type { OpenScene } from './scene';
import { paint } from './paint';
import type { Ball, Board, Shape } from './shapes';
import { dot, unit, type Vector } from './vector';

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
export const CARD_AT: Vector = [0.55, 4.2, 1.1];

/** The direction in which the sun stands. */
export function sunDirection({ altitude, sunFrom }: OpenScene): Vector {
	const flat = Math.cos(altitude * RADIAN);
	return [flat * Math.sin(sunFrom * RADIAN), -flat * Math.cos(sunFrom * RADIAN), Math.sin(altitude * RADIAN)];
}

/** Half way up to the sun a card gets of sun and sky what is most. */
const HALF_UP = 1 / 2;
/** A card under a closed sky is turned up to it, degrees. */
const UP_TO_THE_SKY = 60;
/** In shade it is turned up to the sky that is left, degrees; against the light it is held upright. */
const IN_SHADE = 60;
/** After sunset it is turned up so far that it has of the sky what a dome has, degrees. */
const AFTER_SUNSET = 27;

const towards = (azimuth: number, up: number): Vector => [
	Math.cos(up) * Math.sin(azimuth),
	-Math.cos(up) * Math.cos(azimuth),
	Math.sin(up)
];

/** What falls on a flat surface in the open, lx. */
function onFlat(scene: OpenScene, normal: Vector): number {
	const { normal: direct, sky, global } = airOf(scene);
	const up = (1 + normal[2]) / 2;
	const sun = Math.max(0, dot(normal, sunDirection(scene)));
	return direct * sun + sky * up + albedos[scene.ground] * (1 - up) * global;
}

/** What must fall on an 18 % card for a reflected meter on it to read the scene's light, lx: E = π·L / 0.18. */
const wantedOnCard = (scene: OpenScene) => (Math.PI * luminanceFromEv(evOfOpen(scene))) / CARD;

const HALVINGS = 30;

/** Which way the grey card is held: turned away from the sun until it is lit as the dome of a meter says. */
function cardNormal(scene: OpenScene): Vector {
	const { altitude, sunFrom, veil, subject } = scene;
	// When the sun has set all that is left comes from above.
	if (altitude < 0) return towards(0, AFTER_SUNSET * RADIAN);
	if (subject === 'back') return towards(0, 0);
	if (subject !== 'facing' && subject !== 'side') return towards(0, IN_SHADE * RADIAN);
	const closed = veil ** 2;
	const highest = (altitude * HALF_UP * (1 - closed) + UP_TO_THE_SKY * closed) * RADIAN;
	const quarter = (Math.sign(sunFrom) * Math.PI) / 2;
	const turned = (part: number) => towards(sunFrom * RADIAN - part * quarter, (1 - part) * highest);
	const wanted = wantedOnCard(scene);
	let [least, most] = [0, 1];
	for (let halving = 0; halving < HALVINGS; halving++) {
		const middle = (least + most) / 2;
		if (onFlat(scene, turned(middle)) > wanted) least = middle;
		else most = middle;
	}
	return turned(most);
}

/** The crown of the tree, whose shade is deep. */
export function crownOf({ subject, sunFrom, seed }: OpenScene): Ball {
	const side = Math.sign(sunFrom);
	if (subject === 'deep-shade')
		return { kind: 'ball', middle: [0, 4, 3.6], radii: [3.6, 3.6, 1.2], paint: LEAVES };
	const away = randomUniform.source(randomLcg(seed + 1))(2.4, 3.2)();
	return { kind: 'ball', middle: [-side * away, 9.5, 3.1], radii: [1.5, 1.5, 1.3], paint: LEAVES };
}

/** A shed: before the sun where it is to give shade, else behind the person. */
function shed({ subject, sunFrom, altitude, seed }: OpenScene): Shape[] {
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

/** What the card is held by. */
export const CARD_POST: Shape = {
	kind: 'block',
	low: [CARD_AT[0] - 0.03, CARD_AT[1] + 0.06, 0],
	high: [CARD_AT[0] + 0.03, CARD_AT[1] + 0.12, CARD_AT[2]],
	paint: WOOD
};

/** The grey card beside the person. */
export function cardOf(scene: OpenScene): Board {
	return { kind: 'board', middle: CARD_AT, normal: unit(cardNormal(scene)), half: 0.24, paint: paint(CARD) };
}

/** A boat on the water. */
function boatOf({ sunFrom, seed }: OpenScene): Shape[] {
	const away = randomUniform.source(randomLcg(seed + 1))(10, 15)();
	const right = Math.sign(sunFrom) * 3.6;
	return [
		{ kind: 'ball', middle: [right, away, 0.1], radii: [1.5, 0.55, 0.4], paint: walls[seed % walls.length] },
		{ kind: 'block', low: [right - 0.4, away - 0.3, 0.3], high: [right + 0.5, away + 0.3, 0.95], paint: WOOD }
	];
}

/** The person that the picture is of. */
export function personShapes(seed: number): Shape[] {
	const [right, forward] = PERSON;
	const coat = coats[seed % coats.length];
	return [
		{ kind: 'ball', middle: [right, forward, 1.56], radii: [0.13, 0.13, 0.16], paint: SKIN },
		{ kind: 'ball', middle: [right, forward, 0.98], radii: [0.27, 0.2, 0.48], paint: coat },
		{ kind: 'ball', middle: [right - 0.09, forward, 0.44], radii: [0.12, 0.12, 0.46], paint: paint(0.08) },
		{ kind: 'ball', middle: [right + 0.09, forward, 0.44], radii: [0.12, 0.12, 0.46], paint: paint(0.08) }
	];
}

/** All that stands in a scene. */
export function shapesOf(scene: OpenScene): Shape[] {
	const crown = crownOf(scene);
	const [x, y] = scene.subject === 'deep-shade' ? [1.5, 5.6] : crown.middle;
	return [
		cardOf(scene),
		CARD_POST,
		...personShapes(scene.seed),
		...(scene.ground === 'water' ? boatOf(scene) : [crown]),
		...(scene.ground === 'water'
			? []
			: [
					{
						kind: 'block' as const,
						low: [x - 0.15, y - 0.15, 0] as const,
						high: [x + 0.15, y + 0.15, crown.middle[2]] as const,
						paint: WOOD
					},
					...shed(scene)
				]),
		...posts(scene.seed)
	];
}
