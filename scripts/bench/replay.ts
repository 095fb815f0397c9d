import { bestOutcome } from '../../src/core/match';
import { otherwise, relive, replay, type Otherwise } from '../../src/core/whatif';
import { grey, simulated, taughtOf } from '../../tests/fixtures/replayed';

/** 5,000 frames replayed six ways, beside as many matches. */

const [FRAMES, WAYS] = [5000, 6];
const TAUGHT_BY = 300;

export function measureReplay() {
	const log = simulated(0.42, FRAMES, 'eye');
	const taught = taughtOf({ ...log, frames: log.frames.slice(-TAUGHT_BY) });
	const changes: Otherwise[] = [
		...[1, 2, 3].map((stops) => ({ filters: [grey(stops)] })),
		...[-1, 1].map((stops) => ({ development: stops })),
		{ compensation: -1 }
	];
	const begun = performance.now();
	const history = relive(taught, log.frames);
	for (const change of changes) replay(history, (frame) => otherwise(frame, change));
	const whole = performance.now() - begun;
	const from = performance.now();
	for (let way = 0; way < WAYS; way++)
		for (const { making } of log.frames) bestOutcome(making.camera, making.film, making.light, making.intent);
	return { frames: FRAMES, ways: WAYS, whole, matches: performance.now() - from };
}
