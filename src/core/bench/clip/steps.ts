import { meanOf } from '../../units';
import type { ClipFrame, FilmedStep } from './types';

/** Steps of the screen that run by behind the open shutter: each half as bright as the one before, a second each. */

/** A step lasts at least so long, s; and its code changes by no more within it, of the code range. */
const [LASTS, LEVEL] = [0.5, 0.008];
/** Fewer tell no curve. */
const FEWEST = 4;

/** The mean code of a frame, of the code range. */
export const codeOf = ({ rows }: ClipFrame): number => meanOf(rows);

/** Steps that were filmed, and where the first of them stood: the open shutter in all of the light. */
export interface StepsFilmed {
	steps: FilmedStep[];
	/** Places of frames, the last one included. */
	open: [first: number, last: number];
}

interface Level {
	first: number;
	last: number;
	code: number;
}

/** Runs of frames whose code hardly changes. */
function levelsOf(codes: readonly number[], from: number): Level[] {
	const found: Level[] = [];
	let first = 0;
	const end = (last: number) =>
		found.push({ first: from + first, last: from + last, code: meanOf(codes.slice(first, last + 1)) });
	for (let at = 1; at < codes.length; at++) {
		if (Math.abs(codes[at] - codes[at - 1]) <= LEVEL && Math.abs(codes[at] - codes[first]) <= LEVEL) continue;
		end(at - 1);
		first = at;
	}
	end(codes.length - 1);
	return found;
}

/**
 * The steps of the screen in a stretch of a clip: its levels, brightest first, each taken for half of the one before.
 *
 * @param frames of the whole clip
 * @param stretch in which the shutter was held open, places of frames
 * @param black code of what is dark
 * @returns null where there are fewer than four that fall one after the other
 * @example stepsIn(frames, [90, 400], 0.02)?.steps[1].fraction // 1 / 2
 */
export function stepsIn(
	frames: readonly ClipFrame[],
	[first, last]: readonly [number, number],
	black: number
): StepsFilmed | null {
	const codes = frames.slice(first, last + 1).map(codeOf);
	const levels = levelsOf(codes, first).filter(
		(level) => frames[level.last].at - frames[level.first].at >= LASTS && level.code > black + LEVEL
	);
	const falls = levels.every(({ code }, at) => at === 0 || code < levels[at - 1].code);
	if (levels.length < FEWEST || !falls) return null;
	const steps = levels.map(({ code }, at) => ({ fraction: 2 ** -at, code }));
	return { steps: [...steps, { fraction: 0, code: black }], open: [levels[0].first, levels[0].last] };
}
