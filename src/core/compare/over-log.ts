import { replayed, type History, type Progress, type Relived } from '../whatif';
import { noShares, sharesOf, type Shares } from './in-worlds';
import { makingBy, takenBy, type KnownWay, type Taken } from './known-way';
import { typicalOf, type Time } from './times';
import type { TypicalSetting } from './types';

/** What a way does over some logged frames. */
export interface OverLog {
	shares: Shares;
	typical: TypicalSetting | null;
}

/** Good, or usable, by its mark. */
const [GOOD, USABLE] = [2, 1];

/** How often a frame comes out that a way makes, in each world. */
function fateBy({ worlds }: History, before: Relived, way: KnownWay): { taken: Taken; shares: Shares } {
	const { light, intent: asked, of, film } = before.frame.making;
	// A flash reaches what one knows the distance of.
	const used = asked.subjectDistance === undefined ? { ...way, flash: undefined } : way;
	const taken = takenBy(used, light, asked);
	const shares = noShares(worlds.count);
	if (before.frame.spoiled) return { taken, shares };
	const load = way.of.film === of.film ? of.load : `${of.load} as ${way.of.film}`;
	const making = makingBy(way, taken, { light, load, processStops: film.processStops });
	if (taken.lit) return { taken, shares: sharesOf(worlds, way, taken, making, before.frame.takenAt) };
	replayed(worlds, before, making).marks.forEach((mark, at) => {
		shares.usable[at] = mark >= USABLE ? 1 : 0;
		shares.good[at] = mark >= GOOD ? 1 : 0;
	});
	return { taken, shares };
}

/**
 * What a way would have done with logged frames: each set by its own reading, with what befell it as its judged print
 * shows it to have been.
 */
export function overLog(history: History, way: KnownWay, progress: Progress = () => {}): OverLog {
	const sums = noShares(history.worlds.count);
	const times: Time[] = [];
	history.frames.forEach((before, at) => {
		progress(at, history.frames.length);
		const { taken, shares } = fateBy(history, before, way);
		for (const of of ['good', 'usable'] as const)
			shares[of].forEach((value, world) => (sums[of][world] += value));
		const weight = shares.usable.reduce((sum, value) => sum + value, 0);
		if (weight > 0) times.push({ ...taken, weight });
	});
	const part = (values: Float64Array) => values.map((value) => value / history.frames.length);
	return { shares: { good: part(sums.good), usable: part(sums.usable) }, typical: typicalOf(times) };
}
