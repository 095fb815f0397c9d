import {
	automaticExposure,
	axisHas,
	controlsOf,
	dialSpeeds,
	isHandTimed,
	wheelPositions,
	type Camera
} from '../camera';
import { formatAperture } from '../units';
import type { Placed } from './settings';
import type { Intent, Match, WishProblem } from './types';

/** Stops of aperture by which an eye may miss a wanted one: half of a third. */
const NEAR_ENOUGH = 1 / 6;
const SAME_MISS = 1e-9;

/** Stops by which a time misses a wanted range; 0 inside. */
function missedTime(wanted: NonNullable<Intent['seconds']>, seconds: number): number {
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
	if (seconds) {
		const found = nearest(met, ({ answered }) => missedTime(seconds, answered.seconds), 0);
		met = found.met;
		if (found.unmet) unmet.push('seconds');
	}
	return { met, unmet };
}

function wheelProblem(camera: Camera, place: number): string | null {
	const wheel = automaticExposure(camera)?.compensation;
	if (!wheel) return place === 0 ? null : 'this camera has no lighten–darken wheel';
	const has = wheelPositions(wheel).some((each) => Math.abs(each - place) < 1e-6);
	return has ? null : `this wheel has no place at ${place}`;
}

function dialProblem(camera: Camera, iso: number): string | null {
	if (!automaticExposure(camera)) return 'this camera has no film-speed dial';
	return dialSpeeds(camera).includes(iso) ? null : `this camera cannot be told ISO ${iso}`;
}

/**
 * Wishes for something that this camera does not have.
 *
 * @returns one problem a wish, with the path of its field; empty where all can be asked for
 * @example wishProblems(aBoxAtF11, { aperture: 8 }) // [{ path: 'intent.aperture', message: '…' }]
 */
export function wishProblems(camera: Camera, { aperture, compensation, iso }: Intent): WishProblem[] {
	const problems: WishProblem[] = [];
	const add = (field: string, message: string | null) =>
		message && problems.push({ path: `intent.${field}`, message });
	if (aperture !== undefined && !controlsOf(camera).some((control) => axisHas(control.aperture, aperture))) {
		add('aperture', `this camera has no ${formatAperture(aperture)}`);
	}
	if (compensation !== undefined) add('compensation', wheelProblem(camera, compensation));
	if (iso !== undefined) add('iso', dialProblem(camera, iso));
	return problems;
}

/** Whether a setting that was really made is one that its eye had a part in. */
export function madeByEye(camera: Camera, seconds: number): boolean {
	return automaticExposure(camera) !== null && !isHandTimed(camera, seconds);
}
