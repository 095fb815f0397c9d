import { pushRangeOf } from '../../film';
import { stopsInWords } from '../../units';
import type { RemedyKind } from './remedy-kind';

const STEP = 1 / 2;

/** Half stops within a range, and its two ends. */
function stepsWithin([least, most]: readonly [number, number]): number[] {
	const halves = Array.from(
		{ length: Math.floor(most / STEP) - Math.ceil(least / STEP) + 1 },
		(_, index) => (Math.ceil(least / STEP) + index) * STEP
	);
	return [...new Set([least, ...halves, most])].filter((stops) => Math.abs(stops) > 1e-9);
}

/** A push or a pull within what the film takes: the whole load. */
export const development: RemedyKind = {
	kind: 'development',
	effort: 2,
	pairs: true,
	options({ film }) {
		const before = film.processStops ?? 0;
		return stepsWithin(pushRangeOf(film)).map((stops) => ({
			name: `${stops > 0 ? 'push' : 'pull'} ${stopsInWords(stops)}`,
			from: before,
			to: before + stops
		}));
	},
	make: (question, { from = 0, to = from }) => ({
		...question,
		film: { ...question.film, processStops: (question.film.processStops ?? 0) + to - from }
	})
};
