import { meanOf } from '../units';
import { NINE_IN_TEN } from './bayes';

/** A frame of which both is known: what was promised, and whether it came out. */
export interface PromisedFrame {
	/** Chance of coming out, 0 … 1. */
	promised: number;
	cameOut: boolean;
	/** When it was taken, ms. */
	takenAt: number;
	/** What it cost; absent where that is not known. */
	cost?: number;
}

/** Frames that were promised about the same. */
export interface PromiseBin {
	/** Mean of what was promised. */
	promised: number;
	/** Part that came out. */
	cameOut: number;
	frames: number;
	/** Where the true part lies, nine times in ten. */
	interval: [from: number, to: number];
}

/**
 * Where the true part lies when so many of a number came out, nine times in ten.
 * Source: Wilson's score interval (1927).
 *
 * @example wilson(8, 10) // [0.54, 0.93]
 */
export function wilson(hits: number, of: number): [from: number, to: number] {
	const z2 = NINE_IN_TEN ** 2;
	const part = hits / of;
	const middle = (part + z2 / (2 * of)) / (1 + z2 / of);
	const half = (NINE_IN_TEN / (1 + z2 / of)) * Math.sqrt((part * (1 - part)) / of + z2 / (4 * of * of));
	return [Math.max(0, middle - half), Math.min(1, middle + half)];
}

/** A month of frames. */
export interface MonthOfFrames {
	/** On the calendar of where they were taken, 2026-05. */
	month: string;
	frames: number;
	cameOut: number;
	/** What one that came out cost in it; null where none did, or no cost is known. */
	costPerKeeper: number | null;
}

/**
 * Frames month by month, the last month first.
 *
 * @example monthsOf([{ month: '2026-05', cameOut: true, cost: 2, … }])[0].costPerKeeper // 2
 */
export function monthsOf(frames: readonly (PromisedFrame & Pick<MonthOfFrames, 'month'>)[]): MonthOfFrames[] {
	const names = [...new Set(frames.map(({ month }) => month))].sort().reverse();
	return names.map((month) => {
		const its = frames.filter((each) => each.month === month);
		const last = standings(its).at(-1)!;
		return {
			month,
			frames: its.length,
			cameOut: its.filter(({ cameOut }) => cameOut).length,
			costPerKeeper: last.costPerKeeper
		};
	});
}

const EDGES = [0, 0.2, 0.4, 0.6, 0.8, 0.9, 1.0000001];

/**
 * Is the program honest? What was promised against what came out, in bins of about the same promise.
 *
 * @returns bins that hold a frame, from the least promise up
 */
export function promiseBins(frames: readonly PromisedFrame[]): PromiseBin[] {
	return EDGES.slice(1).flatMap((to, at) => {
		const inside = frames.filter(({ promised }) => promised >= EDGES[at] && promised < to);
		if (inside.length === 0) return [];
		const hits = inside.filter(({ cameOut }) => cameOut).length;
		const promised = inside.reduce((sum, frame) => sum + frame.promised, 0) / inside.length;
		return [
			{
				promised,
				cameOut: hits / inside.length,
				frames: inside.length,
				interval: wilson(hits, inside.length)
			}
		];
	});
}

/** How things stood after a frame. */
export interface Standing {
	takenAt: number;
	frames: number;
	/** Part that came out so far. */
	rate: number;
	/** What a frame that came out has cost so far; null before one came out or where costs are not known. */
	costPerKeeper: number | null;
}

/** Hit rate and cost of a keeper as they went, frame by frame. */
export function standings(frames: readonly PromisedFrame[]): Standing[] {
	const inOrder = [...frames].sort((a, b) => a.takenAt - b.takenAt);
	let [hits, cost, keepersPriced] = [0, 0, 0];
	return inOrder.map((frame, at) => {
		hits += Number(frame.cameOut);
		if (frame.cost !== undefined) {
			cost += frame.cost;
			keepersPriced += Number(frame.cameOut);
		}
		return {
			takenAt: frame.takenAt,
			frames: at + 1,
			rate: hits / (at + 1),
			costPerKeeper: keepersPriced > 0 ? cost / keepersPriced : null
		};
	});
}

/** Fewer judged frames than these prove little. */
const FEW = 20;

/** Whether so many frames prove something. */
export const provesLittle = (frames: number) => frames < FEW;

/** How good promises were, as one number, and beside one who knows no more than the part that came out of all. */
export interface Score {
	/** Mean square of what a promise was off: 0 is perfect. */
	brier: number;
	/** The same of always promising the part that came out. */
	unskilled: number;
	/** What is better than that, 1 is perfect; with its doubt. Null where all frames ended alike. */
	skill: { part: number; sd: number } | null;
	/** What is left of it where promises of one kind are taken together: Murphy's reliability, resolution, uncertainty. */
	parts: { reliability: number; resolution: number; uncertainty: number };
}

/**
 * How good promises were. Source: Brier 1950; its parts after Murphy 1973, over promises that are alike; the doubt
 * of the skill from the frames' own spread.
 *
 * @param frames at least one
 * @example brierScore([{ promised: 1, cameOut: true }, { promised: 0.5, cameOut: false }]).brier // 0.125
 */
export function brierScore(frames: readonly Pick<PromisedFrame, 'promised' | 'cameOut'>[]): Score {
	const rate = meanOf(frames.map(({ cameOut }) => Number(cameOut)));
	const off = frames.map(({ promised, cameOut }) => (promised - Number(cameOut)) ** 2);
	const brier = meanOf(off);
	const unskilled = rate * (1 - rate);
	const gained = frames.map(({ cameOut }, at) => (rate - Number(cameOut)) ** 2 - off[at]);
	const spread = Math.sqrt(meanOf(gained.map((each) => (each - meanOf(gained)) ** 2)) / frames.length);
	const alike = new Map<number, (typeof frames)[number][]>();
	for (const frame of frames) alike.set(frame.promised, [...(alike.get(frame.promised) ?? []), frame]);
	const over = (part: (promised: number, came: number) => number) =>
		[...alike].reduce((sum, [promised, same]) => {
			const came = meanOf(same.map(({ cameOut }) => Number(cameOut)));
			return sum + (same.length / frames.length) * part(promised, came);
		}, 0);
	return {
		brier,
		unskilled,
		skill: unskilled === 0 ? null : { part: 1 - brier / unskilled, sd: spread / unskilled },
		parts: {
			reliability: over((promised, came) => (promised - came) ** 2),
			resolution: over((_, came) => (came - rate) ** 2),
			uncertainty: unskilled
		}
	};
}
