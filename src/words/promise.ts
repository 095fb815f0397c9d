import type { PromiseBin } from '../core/learn';

/** An interval wider than this says next to nothing, parts. */
const WIDE = 0.3;

/**
 * Whether what came out is what was predicted, as far as so few frames can tell.
 *
 * @example promiseInWords({ promised: 0.9, cameOut: 0.5, frames: 20, interval: [0.33, 0.67] }) // 'fewer than predicted'
 */
export function promiseInWords({
	promised,
	interval: [from, to]
}: Omit<PromiseBin, 'cameOut' | 'frames'>): string {
	if (promised > to) return 'fewer than predicted';
	if (promised < from) return 'more than predicted';
	return to - from > WIDE ? 'fits so far, from few frames' : 'as predicted';
}
