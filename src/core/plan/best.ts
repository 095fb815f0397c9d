import type { PlanWindow } from './day';
import type { Steady } from './way';

/** The stretch of a day that is best for some cameras together. */
export interface BestHours {
	from: string;
	to: string;
	/** How many of them, at least, are just enough at any time of it. */
	count: number;
	/** By hand, or where none is by hand, on a support. */
	steady: Steady;
}

/** A shorter stretch is not worth going out for, where a longer one has nearly as many; common practice. */
const WORTH_MS = 1_800_000;

/** A stretch of time in which one number of cameras works. */
interface Stretch {
	/** ms */
	from: number;
	to: number;
	works: number;
}

const lasts = ({ from, to }: Pick<Stretch, 'from' | 'to'>) => to - from;

/** The day cut wherever one of the windows begins or ends, each piece with how many cameras work in it. */
function piecesOf(days: readonly (readonly PlanWindow[])[]): Stretch[] {
	const spans = days.map((windows) =>
		windows.map(({ from, to }) => ({ from: Date.parse(from), to: Date.parse(to) }))
	);
	const edges = [...new Set(spans.flat().flatMap(({ from, to }) => [from, to]))].sort((a, b) => a - b);
	return edges.slice(0, -1).map((from, index) => {
		const works = spans.filter((each) => each.some((span) => span.from <= from && from < span.to)).length;
		return { from, to: edges[index + 1], works };
	});
}

/** The longest stretch in which at least so many work; null where there is none. */
function longest(pieces: readonly Stretch[], count: number): Stretch | null {
	const stretches: Stretch[] = [];
	for (const piece of pieces.filter(({ works }) => works >= count)) {
		const before = stretches.at(-1);
		if (before?.to === piece.from) before.to = piece.to;
		else stretches.push({ ...piece });
	}
	return stretches.reduce<Stretch | null>(
		(best, each) => (best && lasts(best) >= lasts(each) ? best : each),
		null
	);
}

/**
 * The hours of a day in which most of some cameras are just enough: by hand, or where none is, on a support. The most
 * cameras that go together for half an hour; where none do, the most that go together at all.
 *
 * @param days the windows of each camera
 * @returns null where none is ever just enough
 * @example bestHours([windows of a box, windows of a folding instant])?.count // 2
 */
export function bestHours(days: readonly (readonly PlanWindow[])[]): BestHours | null {
	/** An instant as the windows write it. */
	const written = new Map(
		days.flat().flatMap(({ from, to }) => [from, to].map((at) => [Date.parse(at), at]))
	);
	for (const steady of ['hand', 'support'] as const) {
		const pieces = piecesOf(
			days.map((windows) =>
				windows.filter((window) => window.verdict === 'just-enough' && window.steady === steady)
			)
		);
		const found = days
			.map((_, fewer) => days.length - fewer)
			.flatMap((count) => {
				const span = longest(pieces, count);
				return span ? [{ from: span.from, to: span.to, count }] : [];
			});
		const best = found.find((each) => lasts(each) >= WORTH_MS) ?? found.at(0);
		if (best) {
			const { from, to, count } = best;
			return { from: written.get(from)!, to: written.get(to)!, count, steady };
		}
	}
	return null;
}
