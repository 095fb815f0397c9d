import { automaticExposure, type Camera } from '../camera';
import type { Placed } from './settings';
import type { Intent, Match } from './types';

/** Stops by which an eye may miss a wanted aperture or time: half of a third. */
export const NEAR_ENOUGH = 1 / 6;
const SAME_MISS = 1e-9;

/** Stops by which a time misses a wanted one, or a wanted range; 0 inside. */
function missedTime(wanted: NonNullable<Intent['seconds']>, seconds: number): number {
	if (typeof wanted === 'number') return Math.abs(Math.log2(seconds / wanted));
	const [least, most] = wanted;
	const short = least === null ? 0 : Math.log2(least / seconds);
	const long = most === null ? 0 : Math.log2(seconds / most);
	return Math.max(0, short, long);
}

/** The least a wish is missed by, and the settings that miss it no more. */
function nearest(
	placed: Placed[],
	miss: (each: Placed) => number,
	slack: number
): { met: Placed[]; unmet: boolean } {
	const misses = placed.map(miss);
	const least = Math.min(...misses);
	return {
		met: placed.filter((_, index) => misses[index] <= Math.max(least, slack) + SAME_MISS),
		unmet: least > slack + SAME_MISS
	};
}

/**
 * Those settings that meet the wanted aperture and time, or else the nearest ones, and what stays
 * unmet. An aperture is asked of a hand first: settings in which a person sets it are found by it.
 */
export function meetWishes(
	placed: Placed[],
	{ aperture, seconds }: Intent
): { met: Placed[]; unmet: Match['unmet'] } {
	const unmet: Match['unmet'] = [];
	let met = placed;
	if (aperture !== undefined) {
		const miss = ({ answered }: Placed) => Math.abs(2 * Math.log2(answered.f / aperture));
		const found = nearest(met, miss, NEAR_ENOUGH);
		met = found.met;
		if (found.unmet) unmet.push('aperture');
	}
	if (seconds !== undefined) {
		const slack = typeof seconds === 'number' ? NEAR_ENOUGH : 0;
		const found = nearest(met, ({ answered }) => missedTime(seconds, answered.seconds), slack);
		met = found.met;
		if (found.unmet) unmet.push('seconds');
	}
	return { met, unmet };
}

/** Whether a setting that was really made is one that its eye had a part in. */
export function madeByEye(camera: Camera, made: { handTimed?: boolean; manual?: boolean }): boolean {
	return automaticExposure(camera) !== null && !made.handTimed && !made.manual;
}
