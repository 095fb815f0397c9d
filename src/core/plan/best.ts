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

interface Span {
	from: string;
	to: string;
}

const lasts = ({ from, to }: Span) => Date.parse(to) - Date.parse(from);
const covers = (windows: readonly Span[], at: number) =>
	windows.some(({ from, to }) => Date.parse(from) <= at && at < Date.parse(to));

/** The longest stretch in which at least so many work; null where there is none. */
function longest(days: readonly (readonly Span[])[], count: number): Span | null {
	const edges = [
		...new Map(
			days
				.flat()
				.flatMap(({ from, to }) => [from, to])
				.map((at) => [Date.parse(at), at])
		)
	]
		.sort(([a], [b]) => a - b)
		.map(([, at]) => at);
	const stretches: Span[] = [];
	edges.slice(0, -1).forEach((from, index) => {
		if (days.filter((windows) => covers(windows, Date.parse(from))).length < count) return;
		const to = edges[index + 1];
		const before = stretches.at(-1);
		if (before && Date.parse(before.to) === Date.parse(from)) before.to = to;
		else stretches.push({ from, to });
	});
	return stretches.reduce<Span | null>(
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
	for (const steady of ['hand', 'support'] as const) {
		const good = days.map((windows) =>
			windows.filter((window) => window.verdict === 'just-enough' && window.steady === steady)
		);
		const found = good
			.map((_, fewer) => good.length - fewer)
			.flatMap((count) => {
				const span = longest(good, count);
				return span ? [{ ...span, count, steady }] : [];
			});
		const best = found.find((each) => lasts(each) >= WORTH_MS) ?? found.at(0);
		if (best) return best;
	}
	return null;
}
