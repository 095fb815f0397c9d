import { meanOf } from '../units';
import type { Shares } from './in-worlds';
import type { Payback, Way } from './types';

/** Farther than this nobody looks, frames. */
const WITHIN = 300;

type Cost = Way['cost'];

/**
 * Frames after which a dearer way has earned what it asks for before the first one, in one world: counted in equal
 * keepers.
 *
 * @param dear its costs, and the part of its frames that are keepers
 * @param other those of what it is held against
 * @returns Infinity where it never has
 * @example framesUntil({ once: 95, frame: 2, good: 0.8 }, { once: 0, frame: 2, good: 0.4 }) // 48: 38 keepers at 2.50 more
 */
export function framesUntil(dear: Cost & { good: number }, other: Cost & { good: number }): number {
	if (dear.good === 0) return Infinity;
	const keeper = dear.frame / dear.good;
	const others = other.good > 0 ? other.frame / other.good : Infinity;
	if (others <= keeper) return Infinity;
	const keepers = Math.max(1, (dear.once - other.once) / (others - keeper));
	return Math.ceil(keepers / dear.good);
}

/** The number in the middle. */
function medianOf(values: readonly number[]): number {
	return values.toSorted((a, b) => a - b)[Math.floor((values.length - 1) / 2)];
}

/** When one way has earned what it asks for more than another. */
export function paybackOf(
	ways: readonly Way[],
	shares: readonly Shares[],
	way: number,
	beside: number
): Payback {
	const frames = Array.from(shares[way].good, (good, world) =>
		framesUntil({ ...ways[way].cost, good }, { ...ways[beside].cost, good: shares[beside].good[world] })
	);
	const median = medianOf(frames);
	return {
		way,
		beside,
		frames: Number.isFinite(median) ? median : null,
		within: frames.filter((each) => each <= WITHIN).length / frames.length
	};
}

/**
 * What a keeper costs, without what is paid once.
 *
 * @param share of the frames that are keepers, 0 … 1
 * @returns Infinity where none comes as far as anybody looks
 * @example costOfKeeper(2, 0.8) // 2.5
 */
export const costOfKeeper = (frame: number, share: number): number =>
	share > 1 / WITHIN ? frame / share : Infinity;

const keeperCost = ({ cost }: Pick<Way, 'cost'>, { good }: Shares): number =>
	costOfKeeper(cost.frame, meanOf(good));

/**
 * The way that asks for most before its first frame, held against the one of those that ask for less whose keepers
 * cost least.
 *
 * @returns null where all ask for the same
 */
export function dearestPayback(ways: readonly Way[], shares: readonly Shares[]): Payback | null {
	const all = ways.map((_, at) => at);
	const dearest = all.reduce((a, b) => (ways[b].cost.once > ways[a].cost.once ? b : a));
	const others = all.filter((at) => ways[at].cost.once < ways[dearest].cost.once);
	if (others.length === 0) return null;
	const keeper = (at: number) => keeperCost(ways[at], shares[at]);
	return paybackOf(
		ways,
		shares,
		dearest,
		others.reduce((a, b) => (keeper(b) < keeper(a) ? b : a))
	);
}

/** Parts of the frames that differ by less are the same to anybody; by more than the second, to nobody. */
const [AS_GOOD, OTHER] = [0.03, 0.1];
/** What is likelier than this is so. */
const CLEARLY = 0.9;

/**
 * The way that comes out well most often, and those that may be as good: they are expected to lose few frames more, and
 * it is not clear that they do, or it is next to none.
 *
 * @returns places in the list, best first
 */
export function alikeWays(shares: readonly Shares[]): number[] {
	const means = shares.map(({ good }) => meanOf(good));
	const best = means.indexOf(Math.max(...means));
	const isWorse = (at: number) => {
		const by = means[best] - means[at];
		const worse = shares[best].good.filter((good, world) => good - shares[at].good[world] > 1e-9).length;
		return by > OTHER || (by > AS_GOOD && worse / shares[at].good.length > CLEARLY);
	};
	return means
		.map((_, at) => at)
		.filter((at) => at === best || !isWorse(at))
		.sort((a, b) => means[b] - means[a]);
}
