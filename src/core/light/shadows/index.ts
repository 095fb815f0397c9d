import type { Rival, ShadowsReading, WayOfReading } from '../types';
import { exposureGuide } from './exposure-guide';
import type { Condition, School, ShadowHardness } from './school';
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

function correction(condition: Condition, reading: Pick<ShadowsReading, 'backlit' | 'sidelit'>): number {
	if (reading.backlit) return backlitLoss[condition.shadows];
	return reading.sidelit ? sidelitLoss[condition.shadows] : 0;
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
		return { ev: condition.ev - correction(condition, reading), sd: condition.sd };
	},
	note(reading) {
		return `by ${schools[reading.school].name.toLowerCase()}`;
	},
	rivals(reading) {
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
};
