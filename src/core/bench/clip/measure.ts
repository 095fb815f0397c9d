import { meanOf, spreadOf } from '../../units';
import { codeOf, stepsIn } from './steps';
import { lightBySteps, lightOfBt709, STANDARD_DOUBT } from './transfer';
import type { Clip, ClipAnswer, ClipFiring, ClipFrame, ClipRefusal, FilmedStep } from './types';

/** A stretch that is lit so long is the shutter held open, s. */
const HELD_OPEN = 1;
/** Of the code range: brighter is as bright as it gets. */
const FULL = 0.95;
/** The open shutter's light may change by this part. */
const STEADY = 0.03;
/** Rows and firings that differ by more say that frames are exposed only a part of the time. */
const AGREE = 0.2;
/** A frame is lit where it is brighter than dark by this part of what open adds, or by so many deviations. */
const [LIT, SURE] = [0.004, 5];
/** A firing that lasts longer than so many frames hardly shows for how much of each it is exposed. */
const MANY_FRAMES = 10;
/**
 * A frame is lit in part between these, of the open shutter. A shutter that opens or closes while a frame is exposed
 * lights it in part; where so many firings of rows show none such, most of their time no frame is exposed.
 */
const [IN_PART, IN_FULL, TOO_MANY] = [0.05, 0.95, 1 / 2];
/** Frames at the ends of the open stretch that may be half lit. */
const EDGE = 2;

/** A frame in light: row by row, in all, and how long it lasts, s. */
interface Lit {
	at: number;
	seconds: number;
	rows: Float64Array;
	mean: number;
}

function inLight({ frames, steps }: Clip): Lit[] {
	const light = steps ? lightBySteps(steps) : lightOfBt709;
	const lasts = (at: number) =>
		at + 1 < frames.length ? frames[at + 1].at - frames[at].at : frames[at].at - frames[at - 1].at;
	return frames.map(({ at, rows }: ClipFrame, index) => {
		const lit = Float64Array.from(rows, light);
		return { at, seconds: lasts(index), rows: lit, mean: meanOf(lit) };
	});
}

/** Stretches of frames that are brighter than dark: [first, last]. */
function stretchesOf(lit: readonly Lit[]): [first: number, last: number][] {
	const sorted = lit.map(({ mean }) => mean).sort((a, b) => a - b);
	// A quarter of a clip is dark, or nothing in it can be told from another.
	const quiet = sorted.slice(0, Math.max(4, Math.floor(sorted.length / 4)));
	const dark = meanOf(quiet);
	const least = Math.max(LIT * (sorted[sorted.length - 1] - dark), SURE * spreadOf(quiet, dark));
	const found: [number, number][] = [];
	lit.forEach(({ mean }, at) => {
		if (mean - dark <= least) return;
		const last = found.at(-1);
		if (last && last[1] === at - 1) last[1] = at;
		else found.push([at, at]);
	});
	return found;
}

/** Means of rows over some frames. */
function rowsOver(lit: readonly Lit[]): Float64Array {
	const sums = new Float64Array(lit[0].rows.length);
	for (const { rows } of lit) for (let row = 0; row < sums.length; row++) sums[row] += rows[row] / lit.length;
	return sums;
}

/** How far the open shutter's light changes, part of it. */
function changes(open: readonly Lit[]): number {
	const third = Math.max(1, Math.floor(open.length / 3));
	const [first, last] = [open.slice(0, third), open.slice(-third)].map((some) =>
		meanOf(some.map(({ mean }) => mean))
	);
	return Math.abs(first / last - 1);
}

/** How long each row was lit: Σ T · (I − dark) / (open − dark). */
function rowTimes(lit: readonly Lit[], dark: Float64Array, open: Float64Array): number[] {
	return Array.from(dark, (none, row) =>
		lit.reduce((sum, { seconds, rows }) => sum + (seconds * (rows[row] - none)) / (open[row] - none), 0)
	);
}

/** Of the rows, the part that is lit in no frame in part. */
function wholeRows(lit: readonly Lit[], dark: Float64Array, open: Float64Array): number {
	const whole = Array.from(dark, (none, row) =>
		lit.every(({ rows }) => {
			const part = (rows[row] - none) / (open[row] - none);
			return part < IN_PART || part > IN_FULL;
		})
	);
	return whole.filter(Boolean).length / whole.length;
}

/** Where a person says that the shutter was held open, s. */
type Mark = NonNullable<Clip['open']>;

/** Where the shutter was held open, and by which steps its codes are light. */
interface Held {
	stretch: [first: number, last: number];
	/** Of it, all of the light. */
	open: [first: number, last: number];
	steps?: readonly FilmedStep[];
	/** All frames in light, by the standard or the steps that were said. */
	lit: Lit[];
}

/** How long a stretch lasts, s. */
const secondsOf = (lit: readonly Lit[], [first, last]: readonly [number, number]) =>
	lit[last].at + lit[last].seconds - lit[first].at;

/** Of the stretches that a mark touches the longest: it may touch a firing, too. */
function longestIn(lit: readonly Lit[], stretches: readonly [number, number][], mark: Mark) {
	const touched = stretches.filter(([first, last]) => lit[first].at <= mark[1] && lit[last].at >= mark[0]);
	return touched.toSorted((a, b) => secondsOf(lit, b) - secondsOf(lit, a)).at(0);
}

/** Of a stretch what lies in the mark: what is lit beside it may be another light. */
function withinMark(
	lit: readonly Lit[],
	[first, last]: [number, number],
	mark: Mark | undefined
): [number, number] {
	if (!mark) return [first, last];
	const inside = (at: number) => lit[at].at >= mark[0] && lit[at].at + lit[at].seconds <= mark[1];
	let [from, to] = [first, last];
	while (from <= to && !inside(from)) from++;
	while (to >= from && !inside(to)) to--;
	return [from, to];
}

/** The stretch in which the shutter was held open; null where there is none. */
function heldOpen(clip: Clip): Held | null {
	const lit = inLight(clip);
	const stretches = stretchesOf(lit);
	const { open } = clip;
	const stretch = open
		? longestIn(lit, stretches, open)
		: stretches.findLast((each) => secondsOf(lit, each) >= HELD_OPEN);
	if (!stretch) return null;
	const dark = darkOf(lit, stretches);
	const black = meanOf(clip.frames.filter((_, at) => dark[at]).map(codeOf));
	const filmed = clip.steps ? null : stepsIn(clip.frames, stretch, black);
	if (filmed) return { lit, stretch, ...filmed };
	const inner = withinMark(lit, [stretch[0] + EDGE, stretch[1] - EDGE], open);
	return inner[0] > inner[1] ? null : { lit, stretch, open: inner, ...(clip.steps && { steps: clip.steps }) };
}

/** Which frames are dark, and none beside them lit. */
function darkOf(lit: readonly Lit[], stretches: readonly [number, number][]): boolean[] {
	const dark = lit.map(() => true);
	for (const [first, last] of stretches)
		for (let at = Math.max(0, first - 1); at <= Math.min(lit.length - 1, last + 1); at++) dark[at] = false;
	return dark;
}

/** Why an open shutter is nothing to measure by; null where it is. */
function troubleWith({ open }: Held, clip: Clip, lit: readonly Lit[]): ClipRefusal | null {
	const [first, last] = open;
	if (meanOf(clip.frames.slice(first, last + 1).map(codeOf)) > FULL) return 'too-bright';
	return changes(lit.slice(first, last + 1)) > STEADY ? 'unsteady' : null;
}

/**
 * A shutter's times by a phone's clip of light through it: t = T · Σ (I − dark) / (open − dark), row by row, T by the
 * clip's own time stamps. True where each frame is exposed all the time that it lasts.
 *
 * @param clip of the film gate, with the shutter held open for a second or more at the end; where the steps of the screen
 *   run by behind it, light is told by them
 * @returns the effective time of each firing, or why there is none
 * @example measureClip(clip of 1/60 s at 30 frames a second).firings[0].seconds // about 0.0167
 */
export function measureClip(clip: Clip): ClipAnswer {
	const held = heldOpen(clip);
	if (!held) return { refused: standsForLight(clip) ? 'no-reference' : 'transfer' };
	const known = { ...clip, ...(held.steps && { steps: held.steps }) };
	if (!standsForLight(known)) return { refused: 'transfer' };
	const lit = held.steps === clip.steps ? held.lit : inLight(known);
	const trouble = troubleWith(held, clip, lit);
	if (trouble) return { refused: trouble };
	const stretches = stretchesOf(lit);
	const firings = stretches.filter(([first, last]) => last < held.stretch[0] || first > held.stretch[1]);
	if (firings.length === 0) return { refused: 'no-firings' };
	const timed = timedBy(lit, firings, held, darkOf(lit, stretches));
	if (meanOf(timed.map(({ whole }) => whole)) > TOO_MANY || disagree(timed, frameOf(lit)))
		return { refused: 'dimmer' };
	return answerOf(held, lit, timed);
}

/** Whether a clip's codes stand for light: by the standard, or by steps that are known. */
const standsForLight = ({ transfer, steps }: Clip) => transfer === 'bt709' || steps !== undefined;

/** What firings that agree say, each in its doubt. */
function answerOf(held: Held, lit: readonly Lit[], timed: readonly Timed[]): ClipAnswer {
	const doubt = held.steps ? 0 : STANDARD_DOUBT;
	const [from, to] = held.open;
	return {
		open: [lit[from].at, lit[to].at + lit[to].seconds],
		steps: held.steps?.filter(({ fraction }) => fraction > 0).length ?? 0,
		firings: timed.map(({ at, rows, seconds }): ClipFiring => {
			const byRows = spreadOf(rows, seconds) / Math.sqrt(rows.length);
			return {
				at,
				seconds,
				sd: Math.hypot(byRows, doubt * seconds * partly(seconds, lit), STEADY * seconds)
			};
		})
	};
}

interface Timed {
	at: number;
	rows: number[];
	seconds: number;
	whole: number;
}

/** Each firing's time, row by row and in all, and the part of its rows that are lit in no frame in part. */
function timedBy(
	lit: readonly Lit[],
	firings: readonly (readonly [first: number, last: number])[],
	{ open }: Held,
	isDark: readonly boolean[]
): Timed[] {
	const dark = rowsOver(lit.filter((_, at) => isDark[at]));
	const full = rowsOver(lit.slice(open[0], open[1] + 1));
	return firings.map(([first, last]) => {
		const around = lit.slice(Math.max(0, first - 1), last + 2);
		const rows = rowTimes(around, dark, full);
		return { at: lit[first].at, rows, seconds: meanOf(rows), whole: wholeRows(around, dark, full) };
	});
}

/** How long a frame lasts, s. */
const frameOf = (lit: readonly Lit[]) => meanOf(lit.map((each) => each.seconds));

/** Whether rows of a firing, or firings, differ by more than a shutter and its noise do. */
function disagree(timed: readonly { rows: number[]; seconds: number }[], frame: number): boolean {
	if (timed.some(({ rows, seconds }) => spreadOf(rows, seconds) > AGREE * seconds)) return true;
	const quick = timed.map(({ seconds }) => seconds).filter((seconds) => seconds < MANY_FRAMES * frame);
	return quick.length > 1 && Math.max(...quick) - Math.min(...quick) > AGREE * meanOf(quick);
}

/** The standard's doubt counts where frames are partly lit: for a long time only its two ends are. */
const partly = (seconds: number, lit: readonly Lit[]) => Math.min(1, (2 * frameOf(lit)) / seconds);
