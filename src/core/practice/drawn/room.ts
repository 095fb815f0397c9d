import { randomLcg, randomUniform } from 'd3-random';
import { evFromLuminance, luminanceFromEv } from '../../units';
import { colourOf, WHITE } from './colour';
import { EYE, type Looked, type Looks } from './looks';
import { paint, type Paint } from './paint';
import { CARD, CARD_AT, CARD_POST, personShapes } from './place';
import type { RoomScene } from './scene';
import {
	betweenFrom,
	bounded,
	disc,
	distanceTo,
	lookingFrom,
	partFree,
	type Board,
	type FirstHit,
	type Shape
} from './shapes';
import { plus, unit, type Vector } from './vector';

/** The room: its two corners, m. */
const LOW: Vector = [-2.7, -2, 0];
const HIGH: Vector = [2.7, 6.6, 2.7];

const FLOOR = paint(0.22, [1.3, 0.95, 0.7]);
const CEILING = paint(0.75);
const WALL = paint(0.5, [1.05, 1, 0.92]);
const NIGHT = paint(0.02, [0.6, 0.9, 1.6]);
const WOOD = paint(0.2, [1.3, 0.95, 0.7]);
const CLOTH = paint(0.15, [0.8, 1.05, 0.85]);
const DARK = paint(0.05);

/** One source of light in a room. */
interface Lamp {
	at: Vector;
	/** Straight below a panel, and on all sides of a lamp, cd. */
	candela: number;
	/** How large it looks, half, m. */
	radius: number;
	/** A panel sends its light down, as a matt surface does. */
	down: boolean;
}

/** A lamp, and what may stand between it and a place, in a direction from it and so far away. */
interface Standing extends Lamp {
	between: ReturnType<typeof betweenFrom>;
}

const panels = [-1.3, 1.3].map((right): Vector => [right, 3.6, HIGH[2] - 0.02]);
/** Half of each, m. */
const PANEL: Vector = [0.15, 1.3, 0.02];

/** Lamps at home: on a table, on a stand, and over the table before the person. */
const lamps: readonly Vector[] = [
	[1.45, 4.3, 1.15],
	[-1.9, 4.9, 1.55],
	[0.25, 2.7, 2.25]
];
const SHADE = 0.15;

/** Where the lamps hang and stand, by the seed a little otherwise. */
function lampsOf({ lit, lumens, seed }: RoomScene): Lamp[] {
	if (lit === 'panels')
		return panels.map((at) => ({ at, candela: lumens / Math.PI, radius: 0.6, down: true }));
	const shift = randomUniform.source(randomLcg(seed + 7))(-0.15, 0.15);
	return lamps.map(([right, forward, up]) => ({
		at: [right + shift(), forward + shift(), up],
		candela: lumens / (4 * Math.PI),
		radius: SHADE,
		down: false
	}));
}

/** The grey card, held upright before the person and a little up. */
export const roomCard = (): Board => ({
	kind: 'board',
	middle: CARD_AT,
	normal: unit([0, -1, 0.5]),
	half: 0.24,
	paint: paint(CARD)
});

const block = (low: Vector, high: Vector, of: Paint): Shape => ({ kind: 'block', low, high, paint: of });

const TABLE = 0.72;
/** What stands in a work room, and at home. */
const furniture: Readonly<Record<RoomScene['lit'], readonly Shape[]>> = {
	panels: [
		block([-2.5, 4.4, 0], [-1.1, 5.2, 0.74], WOOD),
		block([-2.1, 4.7, 0.74], [-1.5, 4.76, 1.15], DARK),
		block([1.2, 5, 0], [2.5, 5.8, 0.74], WOOD),
		block([1.6, 5.3, 0.74], [2.2, 5.36, 1.15], DARK),
		block([-2.6, 6.2, 0], [-1.2, 6.6, 2], paint(0.3, [0.9, 1, 1.1]))
	],
	lamps: [
		block([-2.3, 5.2, 0], [-0.4, 6.1, 0.45], CLOTH),
		block([-2.3, 5.9, 0.45], [-0.4, 6.1, 0.85], CLOTH),
		block([1.15, 4, 0], [1.75, 4.6, TABLE], WOOD),
		block([0.6, 6.2, 0], [2, 6.6, 1.9], WOOD),
		block([0.7, 6.18, 1.2], [1.9, 6.2, 1.5], paint(0.25, [1.6, 0.8, 0.7]))
	]
};

/** Under a lamp at home its foot, from the table or the floor; the one over the table hangs. */
function footOf({ at: [right, forward, up], down, radius }: Lamp): Shape[] {
	if (down || up > 2) return [];
	const from = right > 0 ? TABLE : 0;
	return [block([right - 0.02, forward - 0.02, from], [right + 0.02, forward + 0.02, up - radius], DARK)];
}

function shapesOf(scene: RoomScene): Shape[] {
	const feet = lampsOf(scene).flatMap(footOf);
	return [roomCard(), CARD_POST, ...personShapes(scene.seed), ...feet, ...furniture[scene.lit]];
}

/** Mean part of the light that walls, floor and ceiling give back. */
const MEAN = 0.48;
const [WIDE, LONG, TALL] = plus(HIGH, LOW, -1);
const SURFACE = 2 * (WIDE * LONG + WIDE * TALL + LONG * TALL);

/**
 * What comes to every place by way of walls, floor and ceiling, lx.
 * Source: Sumpner 1892, as in any textbook of lighting: flux · ρ / (S · (1 − ρ)).
 */
const thrownAbout = (flux: number) => (flux * MEAN) / (SURFACE * (1 - MEAN));

/** All that a pixel's light is worked out from. */
interface Stage {
	scene: RoomScene;
	lamps: Standing[];
	/** What the eye meets first of what stands there, and of the bulbs and panels themselves. */
	meet: (towards: Vector) => FirstHit | null;
	meetGlowing: (towards: Vector) => FirstHit | null;
	about: number;
	colour: Vector;
}

/** A place on a surface: off it by a little, and on which of the shapes. */
interface Place {
	at: Vector;
	normal: Vector;
	own: number;
}
/** The card is the first of the shapes; walls, floor and ceiling are none. */
const [THE_CARD, NONE] = [0, -1];

/** From the middle of a lamp to places on its rim, parts of its radius: it is turned half up. */
const LOOKS = disc(12).map(([across, along]): Vector => [across, along, along / 2]);
const wideOf = ({ radius }: Lamp): Vector => [radius, radius, radius / 2];

/** The part of a lamp that a place on a surface sees. */
function seen({ at: from, own }: Place, lamp: Standing, towards: Vector, distance: number): number {
	const near = lamp.between([-towards[0], -towards[1], -towards[2]], distance, own);
	if (near.length === 0) return 1;
	return partFree(LOOKS, (look) => {
		const x = lamp.at[0] + look[0] * lamp.radius - from[0];
		const y = lamp.at[1] + look[1] * lamp.radius - from[1];
		const z = lamp.at[2] + look[2] * lamp.radius - from[2];
		const far = Math.sqrt(x * x + y * y + z * z);
		const ray: Vector = [x / far, y / far, z / far];
		for (const shape of near) if (distanceTo(shape, from, ray) < far) return false;
		return true;
	});
}

/**
 * What falls on a surface, lx.
 * Source: the inverse-square and the cosine law, I·cos θ/d², as in any textbook of lighting.
 */
function lightOn(stage: Stage, place: Place): number {
	const { at, normal } = place;
	let lux = stage.about;
	for (const lamp of stage.lamps) {
		const x = lamp.at[0] - at[0];
		const y = lamp.at[1] - at[1];
		const z = lamp.at[2] - at[2];
		const square = Math.max(x * x + y * y + z * z, lamp.radius ** 2);
		const distance = Math.sqrt(square);
		const facing = (normal[0] * x + normal[1] * y + normal[2] * z) / distance;
		const sends = lamp.down ? z / distance : 1;
		if (facing <= 0 || sends <= 0) continue;
		const towards: Vector = [x / distance, y / distance, z / distance];
		lux += ((lamp.candela * sends * facing) / square) * seen(place, lamp, towards, distance);
	}
	return lux;
}

const glow = ({ at, radius, down }: Lamp): Shape =>
	down
		? block(plus(at, PANEL, -1), plus(at, PANEL), CEILING)
		: { kind: 'ball', middle: at, radii: [radius, radius, radius * 1.2], paint: CEILING };

function stageOf(scene: RoomScene): Stage {
	const sources = lampsOf(scene);
	const shapes = shapesOf(scene).map(bounded);
	return {
		scene,
		lamps: sources.map((lamp) => ({ ...lamp, between: betweenFrom(shapes, lamp.at, wideOf(lamp)) })),
		meet: lookingFrom(shapes, EYE),
		meetGlowing: lookingFrom(sources.map(glow).map(bounded), EYE),
		about: thrownAbout(scene.lumens * sources.length),
		// Eyes take half of a lamp's colour for white.
		colour: colourOf(2 / (1 / scene.kelvin + 1 / WHITE))
	};
}

const sentBy = (stage: Stage, place: Place, { albedo, tint }: Paint): Vector => {
	const sent = (albedo * lightOn(stage, place)) / Math.PI;
	const { colour } = stage;
	return [sent * tint[0] * colour[0], sent * tint[1] * colour[1], sent * tint[2] * colour[2]];
};

/** What an eye in a room takes for mid grey, of the card’s light. */
const ABOUT = 0.7;

/** What is seen that is none of the shapes: lamps, and the sides of the room. */
const [GLOW, SIDES] = [-1, -2];
/** A window in the far wall, m. */
const WINDOW = { low: [-0.9, 1.1], high: [0.3, 2.1] } as const;

function isWindow([right, , up]: Vector): boolean {
	const { low, high } = WINDOW;
	return right > low[0] && right < high[0] && up > low[1] && up < high[1];
}

/** Where a line from inside the room meets it, and how that side looks back. */
function sideAt(towards: Vector): { side: number; at: Vector; normal: Vector; paint: Paint } {
	let [nearest, axis] = [Infinity, 0];
	for (let each = 0; each < 3; each++) {
		const to = towards[each] > 0 ? HIGH[each] : LOW[each];
		const distance = towards[each] === 0 ? Infinity : (to - EYE[each]) / towards[each];
		if (distance < nearest) [nearest, axis] = [distance, each];
	}
	const normal: [number, number, number] = [0, 0, 0];
	normal[axis] = -Math.sign(towards[axis]);
	const at = plus(plus(EYE, towards, nearest), normal, 1e-3);
	const up = towards[axis] > 0;
	if (axis === 2) return { side: up ? 5 : 4, at, normal, paint: up ? CEILING : FLOOR };
	if (axis === 1 && isWindow(at)) return { side: 6, at, normal, paint: NIGHT };
	return { side: 2 * axis + (up ? 1 : 0), at, normal, paint: WALL };
}

function lookedAt(stage: Stage, towards: Vector): Looked {
	const thing = stage.meet(towards);
	const lamp = stage.meetGlowing(towards);
	if (lamp && (!thing || lamp.distance < thing.distance)) {
		const { candela, radius, down } = stage.lamps[lamp.which];
		// cd/m²: of a matt surface that is seen square on.
		const sent = candela / (down ? 4 * PANEL[0] * PANEL[1] : Math.PI * radius ** 2);
		const [red, green, blue] = stage.colour;
		return { thing: GLOW, light: () => [sent * red, sent * green, sent * blue] };
	}
	if (thing) {
		const { distance, normal, which: own } = thing;
		return {
			thing: own,
			// Off the surface, or it would stand in its own shadow.
			light: () => {
				const at = plus(plus(EYE, towards, distance), normal, 1e-3);
				return sentBy(stage, { at, normal, own }, thing.paint);
			}
		};
	}
	const { side, at, normal, paint: own } = sideAt(towards);
	return { thing: SIDES - side, light: () => sentBy(stage, { at, normal, own: NONE }, own) };
}

/** What a reflected meter reads of the card, EV at ISO 100. */
export function evOfRoom(scene: RoomScene): number {
	const { middle, normal } = roomCard();
	const stage = stageOf(scene);
	return evFromLuminance(
		(CARD * lightOn(stage, { at: plus(middle, normal, 1e-3), normal, own: THE_CARD })) / Math.PI
	);
}

/** A room as it is looked at. */
export function roomLooks(scene: RoomScene): Looks {
	const stage = stageOf(scene);
	return {
		towards: (towards) => lookedAt(stage, towards),
		plain: true,
		isRough: () => false,
		roughness: () => 1,
		// The card is turned to the light; what stands about it gets less.
		grey: ABOUT * luminanceFromEv(evOfRoom(scene))
	};
}
