import { randomLcg, randomUniform } from 'd3-random';
import { sunPosition, type Exposed } from '../../light';
import type { Skill } from '../skills';

export type Ground = 'grass' | 'stone' | 'sand' | 'snow' | 'water';

/** A made-up place outdoors at an hour of a made-up day. */
export interface OpenScene {
	/** The same seed is the same place. */
	seed: number;
	/** Hour of the made-up day, as a clock shows it. */
	clock: string;
	/** Height of the sun, degrees; below 0 after it has set. */
	altitude: number;
	/** Where the sun stands, degrees: 0 behind the eye, + to its right, 180 before it. */
	sunFrom: number;
	/** 0 clear … 1 closed. */
	veil: number;
	/** A closed sky of the dark kind. */
	heavy?: boolean;
	ground: Ground;
	subject: Exposed;
}

/** A made-up room in the evening. */
export interface RoomScene {
	seed: number;
	clock: string;
	/** Panels under the ceiling of a work room, or lamps at home. */
	lit: 'panels' | 'lamps';
	/** What one of them sends out, lm. */
	lumens: number;
	kelvin: number;
}

export type DrawnScene = OpenScene | RoomScene;

/** Whether a scene is under a roof. */
export const isRoom = (scene: DrawnScene): scene is RoomScene => 'lit' in scene;

/** What a skill asks of its scene; numbers are drawn between the two. */
interface Recipe {
	altitude: readonly [number, number];
	sunFrom: readonly [number, number];
	veil: readonly [number, number];
	subject: Exposed;
	grounds?: readonly Ground[];
}

const plainGrounds = ['grass', 'stone'] as const;
const BEHIND = [15, 50] as const;
const HIGH = [22, 50] as const;

const recipes: Readonly<Record<Exclude<Skill, RoomSkill>, Recipe>> = {
	sharp: { altitude: HIGH, sunFrom: BEHIND, veil: [0, 0.04], subject: 'facing' },
	soft: { altitude: HIGH, sunFrom: BEHIND, veil: [0.28, 0.4], subject: 'facing' },
	faint: { altitude: HIGH, sunFrom: BEHIND, veil: [0.62, 0.72], subject: 'facing' },
	none: { altitude: HIGH, sunFrom: BEHIND, veil: [1, 1], subject: 'facing' },
	'from-the-side': { altitude: HIGH, sunFrom: [70, 85], veil: [0, 0.04], subject: 'side' },
	'against-the-light': { altitude: HIGH, sunFrom: [140, 165], veil: [0, 0.04], subject: 'back' },
	'open-shade': { altitude: [30, 50], sunFrom: [80, 100], veil: [0, 0.04], subject: 'open-shade' },
	'deep-shade': { altitude: [45, 52], sunFrom: BEHIND, veil: [0, 0.04], subject: 'deep-shade' },
	'pale-ground': {
		altitude: HIGH,
		sunFrom: BEHIND,
		veil: [0, 0.04],
		subject: 'facing',
		grounds: ['sand', 'snow']
	},
	water: { altitude: HIGH, sunFrom: BEHIND, veil: [0, 0.04], subject: 'facing', grounds: ['water', 'water'] },
	'low-sun': { altitude: [6, 15], sunFrom: BEHIND, veil: [0, 0.04], subject: 'facing' },
	dusk: { altitude: [-4, -1], sunFrom: [150, 175], veil: [0, 0.04], subject: 'facing' }
};

type RoomSkill = 'room' | 'lamps';
type Between = readonly [number, number];

/** Rooms: what a lamp of them sends out, lm, and its colour, K; common practice. */
const rooms: Readonly<Record<RoomSkill, { lit: RoomScene['lit']; lumens: Between; kelvin: number }>> = {
	room: { lit: 'panels', lumens: [4500, 8000], kelvin: 4000 },
	lamps: { lit: 'lamps', lumens: [1500, 3200], kelvin: 2800 }
};

/** Evening hours of rooms. */
const EVENING = [19, 21] as const;

function roomFor(skill: RoomSkill, seed: number, between: (ends: Between) => number): RoomScene {
	const { lit, lumens, kelvin } = rooms[skill];
	const minutes = Math.floor(between(EVENING) * 6) * 10;
	const two = (value: number) => String(value).padStart(2, '0');
	return {
		...{ seed, lit, kelvin, clock: `${two(Math.floor(minutes / 60))}:${two(minutes % 60)}` },
		lumens: between(lumens)
	};
}

/** The made-up day: a place without a name on the fiftieth parallel, in the middle of May. */
const PARALLEL = 50;
const MIDNIGHT = Date.UTC(2026, 4, 15);
const MINUTE = 60_000;
const STEP = 10;

/** Morning and evening hours at which the sun of the made-up day stands at a height. */
function clockAt(altitude: number, morning: boolean): string {
	const minutes = Array.from({ length: (12 * 60) / STEP }, (_, at) => at * STEP + (morning ? 0 : 12 * 60));
	const off = (minute: number) =>
		Math.abs(sunPosition(MIDNIGHT + minute * MINUTE, PARALLEL, 0).altitude - altitude);
	const minute = minutes.reduce((a, b) => (off(b) < off(a) ? b : a));
	const two = (value: number) => String(value).padStart(2, '0');
	return `${two(Math.floor(minute / 60))}:${two(minute % 60)}`;
}

/**
 * A made-up scene that practises a skill.
 *
 * @param seed a whole number; the same seed is the same scene
 * @example sceneFor('soft', 7).subject // 'facing'
 */
export function sceneFor(skill: Skill, seed: number): DrawnScene {
	const source = randomLcg(seed);
	const between = ([low, high]: readonly [number, number]) => randomUniform.source(source)(low, high)();
	const coin = () => between([0, 1]) < 1 / 2;
	// The first draws of neighbouring seeds are alike.
	coin();
	if (skill === 'room' || skill === 'lamps') return roomFor(skill, seed, between);
	const recipe = recipes[skill];
	const morning = coin() && skill !== 'dusk';
	const altitude = between(recipe.altitude);
	const sunFrom = between(recipe.sunFrom) * (coin() ? 1 : -1);
	const grounds = recipe.grounds ?? plainGrounds;
	return {
		seed,
		clock: clockAt(altitude, morning),
		altitude,
		sunFrom,
		veil: between(recipe.veil),
		...(skill === 'none' && coin() ? { heavy: true } : {}),
		ground: grounds[coin() ? 0 : 1],
		subject: recipe.subject
	};
}
