import type { Ground } from '../ground';
import type { Rival, ShadowsReading, WayOfReading } from '../types';
import { exposureGuide } from './exposure-guide';
import { doubt, type Condition, type School, type ShadowHardness } from './school';
import { shadowEdge } from './shadow-edge';
import { skyCover } from './sky-cover';

export type { Condition, School } from './school';

/** The rival schools of reading daylight by eye; a new one is one file and one line here. */
export const schools: Readonly<Record<ShadowsReading['school'], School>> = {
	'shadow-edge': shadowEdge,
	'sky-cover': skyCover,
	'exposure-guide': exposureGuide
};

/** Stops taken from the light when the sun does not stand behind the photographer; common practice. */
const backlitLoss: Record<ShadowHardness, number> = { hard: 2, soft: 1, none: 0 };
const sidelitLoss: Record<ShadowHardness, number> = { hard: 0.5, soft: 0.5, none: 0 };

type Side = 'front' | 'side' | 'back' | 'none';
/** Stops that the ground throws back, by where the sun stands, or with none to be seen; common practice. */
const groundGain: Partial<Record<Ground, Record<Side, number>>> = {
	snow: { front: 1 / 2, side: 3 / 4, back: 5 / 4, none: 5 / 4 },
	sand: { front: 1 / 4, side: 1 / 4, back: 1 / 2, none: 1 / 4 }
};
/** Deep shade, as under a tree, by what lies around it: 10⅙ where that is in full sun; common practice. */
const deepShadeLoss: Record<ShadowHardness, number> = { hard: 4.5, soft: 3.5, none: 2 };

/** Colour of daylight by its shadows, K: sun, hazy sun, grey sky; and of blue sky alone; common practice. */
const colour: Record<ShadowHardness, number> = { hard: 5500, soft: 5800, none: 6500 };
const DEEP_SHADE_COLOUR = 7500;

/** Where the sun stands that the ground mirrors. */
function sideOf(hardness: ShadowHardness, { backlit, sidelit }: ShadowsReading): Side {
	if (hardness === 'none') return 'none';
	return backlit ? 'back' : sidelit ? 'side' : 'front';
}

/** Stops by which a subject gets less than one in the open with the sun behind the photographer. */
function loss({ shadows: hardness }: Condition, reading: ShadowsReading): number {
	if (reading.deepShade) return deepShadeLoss[hardness];
	const around = reading.ground === 'pale' ? 'sand' : reading.ground;
	const gains = around && groundGain[around];
	const gain = gains ? gains[sideOf(hardness, reading)] : 0;
	if (reading.backlit) return backlitLoss[hardness] - gain;
	return (reading.sidelit ? sidelitLoss[hardness] : 0) - gain;
}

/**
 * The condition that a reading names in its school.
 *
 * @throws RangeError when the school has no such condition
 */
export function conditionOf(reading: Pick<ShadowsReading, 'school' | 'condition'>): Condition {
	const found = schools[reading.school].conditions[reading.condition];
	if (!found) throw new RangeError(`${reading.school} has no condition ${reading.condition}`);
	return found;
}

/**
 * Reading daylight by eye, by one of three schools that assume a front-lit subject and the sun at
 * 20° or more; a subject against the light or lit from the side gets less.
 * Source: common practice; ANSI PH2.7 (from memory) for the exposure guide.
 *
 * @example shadows.read({ method: 'shadows', school: 'shadow-edge', condition: 'sharp' }) // { ev: 14.64, sd: 0.5 }
 */
export const shadows: WayOfReading<ShadowsReading> = {
	read(reading) {
		const condition = conditionOf(reading);
		const sd = reading.deepShade ? doubt.deepShade : condition.sd;
		const kelvin = reading.deepShade ? DEEP_SHADE_COLOUR : colour[condition.shadows];
		return { ev: condition.ev - loss(condition, reading), sd, kelvin };
	},
	note(reading) {
		return `by ${schools[reading.school].name.toLowerCase()}`;
	},
	rivals: rivalsOfShadows
};

function rivalsOfShadows(reading: ShadowsReading): Rival[] {
	const here = conditionOf(reading);
	const rivals: Rival[] = [];
	for (const [school, conditions] of Object.entries(here.elsewhere)) {
		for (const condition of conditions) {
			const rival = { ...reading, school, condition } as ShadowsReading;
			rivals.push({ school: rival.school, condition, ev: shadows.read(rival).ev });
		}
	}
	return rivals;
}

/**
 * What each school says of a light that one of them has named: where another has several names for it,
 * their middle.
 *
 * @returns EV at ISO 100 by school
 * @example saidBySchools({ method: 'shadows', school: 'shadow-edge', condition: 'sharp' })['exposure-guide'] // 15
 */
export function saidBySchools(reading: ShadowsReading): Partial<Record<ShadowsReading['school'], number>> {
	const said: Partial<Record<ShadowsReading['school'], number>> = {
		[reading.school]: shadows.read(reading).ev
	};
	const rivals = rivalsOfShadows(reading);
	for (const { school } of rivals) {
		const evs = rivals.filter((rival) => rival.school === school).map(({ ev }) => ev);
		said[school] = evs.reduce((sum, ev) => sum + ev / evs.length, 0);
	}
	return said;
}
