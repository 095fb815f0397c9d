import { coveredOf, judgedRuns, judgedWays, rmsOf } from '../../tests/fixtures/judged';

/** How well a print is judged by a phone's picture, for who maintains it. */

const RUNS = 300;
const SEED = 0.618;
const names = { pair: 'beside a right one', card: 'beside a card', print: 'border and a grey' } as const;

export function* judging(): Generator<string> {
	const { off, refused } = judgedRuns(RUNS, SEED);
	yield `${'reference'.padEnd(20)} rms, stops  inside nine tenths`;
	for (const way of judgedWays)
		yield `${names[way].padEnd(20)} ${rmsOf(off[way]).toFixed(3).padStart(8)}  ${(100 * coveredOf(off[way])).toFixed(1).padStart(8)} %`;
	yield `${refused} of ${judgedWays.length * RUNS} refused`;
}
