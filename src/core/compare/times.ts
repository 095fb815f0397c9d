import type { Taken } from './known-way';
import type { TypicalSetting } from './types';

/** A frame that works, and how much it counts. */
export interface Time extends Taken {
	weight: number;
}

/** The setting in the middle of all that work, by their times; null where none does. */
export function typicalOf(times: readonly Time[]): TypicalSetting | null {
	const sorted = times.toSorted((a, b) => a.outcome.seconds - b.outcome.seconds);
	const half = sorted.reduce((sum, { weight }) => sum + weight, 0) / 2;
	let sum = 0;
	const middle = sorted.find(({ weight }) => (sum += weight) >= half);
	if (!middle) return null;
	const { f, seconds, sharp } = middle.outcome;
	return { f, seconds, sharp, lit: middle.lit !== null };
}
