import { otherwise, relive, replay } from '../../src/core/whatif';
import { grey, simulated, taughtOf, unjudged } from '../../tests/fixtures/replayed';

/** How often the truth lies in nine tenths of what a replay says, for who maintains it. */

const RUNS = 300;
const FRAMES = 24;
const percent = (part: number) => `${(100 * part).toFixed(1).padStart(5)} %`;
const within = ({ from, to }: { from: number; to: number }, count: number) =>
	count >= Math.floor(from) && count <= Math.ceil(to);

/** 24 frames with a stop less light, of cameras that are drawn from what is usual. */
export function* replays(): Generator<string> {
	yield `${`${FRAMES} frames, a stop less light`.padEnd(46)}  inside   ± frames`;
	for (const [kind, wheel] of [
		['eye', 0],
		['eye', -1],
		['hand', 0]
	] as const)
		for (const judged of [true, false]) {
			let [inside, width] = [0, 0];
			for (let run = 0; run < RUNS; run++) {
				const log = simulated((run + 0.5) / (RUNS * 3), FRAMES, kind, wheel);
				const frames = judged ? log.frames : unjudged(log.frames);
				const { difference } = replay(relive(taughtOf(log, judged), frames), (frame) =>
					otherwise(frame, { filters: [grey(1)] })
				);
				if (within(difference, log.good(1) - log.good(0))) inside++;
				width += (difference.to - difference.from) / 2;
			}
			const name = `by ${kind}, wheel ${wheel}, ${judged ? 'as judged' : 'from the reading alone'}`;
			yield `${name.padEnd(46)} ${percent(inside / RUNS)}  ${(width / RUNS).toFixed(1).padStart(5)}`;
		}
}
