/** A stretch of a recording made small: least and most of each column. */
export interface Trace {
	/** s */
	from: number;
	to: number;
	least: number[];
	most: number[];
}

/**
 * A stretch of a recording in as many columns as there is room for.
 *
 * @param from s
 * @param to s
 * @example traceOf(samples, 48_000, 0, 1, 600).most.length // 600
 */
export function traceOf(
	samples: Float32Array,
	sampleRate: number,
	from: number,
	to: number,
	columns: number
): Trace {
	const [first, last] = [from, to].map((at) =>
		Math.min(samples.length, Math.max(0, Math.round(at * sampleRate)))
	);
	const [least, most]: [number[], number[]] = [[], []];
	for (let column = 0; column < columns; column++) {
		const a = Math.floor(first + ((last - first) * column) / columns);
		const b = Math.max(a + 1, Math.floor(first + ((last - first) * (column + 1)) / columns));
		let [low, high] = [Infinity, -Infinity];
		for (let at = a; at < b && at < samples.length; at++) {
			low = Math.min(low, samples[at]);
			high = Math.max(high, samples[at]);
		}
		least.push(Number.isFinite(low) ? low : 0);
		most.push(Number.isFinite(high) ? high : 0);
	}
	return { from, to, least, most };
}
