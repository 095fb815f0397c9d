import { expectedOf, openFrame } from '../match';
import type { LoggedFrame } from './types';

/** Something that is done at some frames and not at others. */
export type Trait =
	| {
			kind: 'at-limit' | 'eye-elsewhere' | 'hand-timed' | 'shake' | 'out-of-focus' | 'against-odds' | 'close';
	  }
	| { kind: 'way'; way: string };

/** Frames, and how many of them were lost. */
export interface Lost {
	frames: number;
	lost: number;
}

/** A habit that costs frames, with its evidence. */
export interface CostlyHabit {
	trait: Trait;
	with: Lost;
	without: Lost;
	/** Frames that it cost: lost beyond what is lost without it. */
	cost: number;
}

/** Light on an eye that stands elsewhere is another one from this difference on, stops. */
const ELSEWHERE = 1;
/** Nearer than this is close, m. */
const CLOSE = 1;
/** Less likely than not. */
const ODDS = 1 / 2;

/** What was done at a frame, as far as it may be a habit. */
export function traitsOf({ making, way }: LoggedFrame, promised: number | null): Trait[] {
	const { camera, film, light, intent, settings } = making;
	const { spoilers } = openFrame(camera, film, light, intent, settings);
	const { clamped } = expectedOf(camera, film, light, intent, settings);
	const elsewhere =
		light.meterEv !== undefined && 'ev' in light && Math.abs(light.meterEv - (light.ev ?? 0)) >= ELSEWHERE;
	const kinds: [Exclude<Trait['kind'], 'way'>, boolean][] = [
		['at-limit', clamped],
		['eye-elsewhere', elsewhere],
		['hand-timed', settings.handTimed === true],
		['shake', spoilers.includes('shake')],
		['out-of-focus', spoilers.includes('near') || spoilers.includes('far')],
		['against-odds', promised !== null && promised < ODDS],
		['close', intent.subjectDistance !== undefined && intent.subjectDistance < CLOSE]
	];
	return [...kinds.flatMap(([kind, has]) => (has ? [{ kind }] : [])), { kind: 'way', way }];
}

/** ln n!, by adding up. */
function logFactorials(most: number): Float64Array {
	const sums = new Float64Array(most + 1);
	for (let n = 2; n <= most; n++) sums[n] = sums[n - 1] + Math.log(n);
	return sums;
}

/**
 * How likely chance alone loses so many or more of the frames with a trait.
 * Source: Fisher's exact test, one-sided: the tail of the hypergeometric distribution.
 *
 * @example byChance({ frames: 5, lost: 5 }, { frames: 5, lost: 0 }) // 1/252
 */
export function byChance(having: Lost, lacking: Lost): number {
	const all = having.frames + lacking.frames;
	const lost = having.lost + lacking.lost;
	const log = logFactorials(all);
	const choose = (n: number, k: number) => log[n] - log[k] - log[n - k];
	let tail = 0;
	for (let count = having.lost; count <= Math.min(lost, having.frames); count++) {
		if (lost - count > lacking.frames) continue;
		tail += Math.exp(choose(having.frames, count) + choose(lacking.frames, lost - count) - choose(all, lost));
	}
	return Math.min(1, tail);
}

/** What chance does once in twenty, shared among all that is looked at. */
const ONCE_IN = 1 / 20;
/** Fewer frames with a trait, or without it, tell nothing. */
const FEWEST = 3;

const nameOf = (trait: Trait) => (trait.kind === 'way' ? `way ${trait.way}` : trait.kind);

/**
 * The one habit that costs most frames, of those that cost more than chance would.
 * Source: Fisher's exact test, with Bonferroni's correction for the number of habits that are looked at.
 *
 * @param frames how each was made, and whether it was lost by whatever it was
 * @returns null where nothing stands out
 */
export function costliestHabit(frames: readonly { traits: Trait[]; lost: boolean }[]): CostlyHabit | null {
	const traits = new Map(frames.flatMap((each) => each.traits.map((trait) => [nameOf(trait), trait])));
	const count = (those: typeof frames): Lost => ({
		frames: those.length,
		lost: those.filter(({ lost }) => lost).length
	});
	const looked = [...traits].flatMap(([name, trait]) => {
		const has = (each: (typeof frames)[number]) => each.traits.some((one) => nameOf(one) === name);
		const [having, lacking] = [count(frames.filter(has)), count(frames.filter((each) => !has(each)))];
		if (having.frames < FEWEST || lacking.frames < FEWEST) return [];
		const cost = having.lost - (having.frames * lacking.lost) / lacking.frames;
		return [{ trait, with: having, without: lacking, cost }];
	});
	const telling = looked.filter(
		(habit) => byChance(habit.with, habit.without) < ONCE_IN / Math.max(1, looked.length)
	);
	return telling.reduce<CostlyHabit | null>((a, b) => (a && a.cost >= b.cost ? a : b), null);
}
