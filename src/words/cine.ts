import type { PanLimit, PanSetting, ShotList, ShotRow } from '../core/cine';
import { formatAperture } from '../core/units';
import { verdictInShort } from './outcome';

const feet = (value: number) => `${value.toFixed(1)} ft`;

/**
 * Where the footage counter stands and what is left.
 *
 * @example counterInWords({ counter: { side: 1, feet: 2.4 }, leftOnSide: 113, left: 238, … }) // 'Side 1, counter at 2.4 ft: 113 s left on it, 238 s in all.'
 */
export function counterInWords({ counter, leftOnSide, left }: ShotList): string {
	return `Side ${counter.side}, counter at ${feet(counter.feet)}: ${leftOnSide.toFixed(0)} s left on it, ${left.toFixed(0)} s in all.`;
}

/** Where a planned shot stands: taken, to come, or without film. */
export function shotInWords({ taken, seconds, side, feet: at, flipBefore, fits }: ShotRow): string {
	if (taken > 0) return `taken, ${taken.toFixed(0)} s of ${seconds.toFixed(0)} s`;
	if (!fits) return `${seconds.toFixed(0)} s, no film left for it`;
	const begins = `from side ${side}, ${feet(at)}`;
	return `${seconds.toFixed(0)} s, ${begins}${flipBefore ? ', after the flip' : ''}`;
}

/**
 * What one setting makes of a shot from one light into another.
 *
 * @example panInWords(…) // 'f/11 for all of it: just enough at its beginning, just enough at its end.'
 */
export function panInWords({ begin, end }: PanSetting): string {
	return `${formatAperture(begin.f)} for the whole shot: ${verdictInShort(begin)} at the start, ${verdictInShort(end)} at the end.`;
}

/** How slowly to turn, in seconds and degrees. */
export function turnInWords({ crossing, speed, blur }: PanLimit): string {
	const soft = blur > 1 ? ' Anything still is a little soft in each frame, as in any pan.' : '';
	return `Pan so slowly that anything takes ${crossing.toFixed(0)} s to cross the frame, about ${speed.toFixed(0)}° a second. Faster, it judders.${soft}`;
}
