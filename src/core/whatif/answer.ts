import { JUDGE, taughtBy, yearsOf, type Taught, type Things, type Told } from '../learn';
import type { Bag, Learnt } from '../match';
import { costliestHabit, traitsOf, type CostlyHabit } from './habit';
import { keyOf, otherwise, type Otherwise } from './otherwise';
import { fateOf, relive, replay, type History, type Progress } from './replay';
import { whatSaves, type Savings } from './saved';
import type { LoggedFrame, Making, Replay } from './types';

/** A log as it is replayed: the frames, what teaches of them, and the things of all of it, by their ids. */
export interface Log {
	/** Judged frames that teach. */
	told: Told[];
	cameras: [id: string, thing: Things['cameras'] extends Map<string, infer T> ? T : never][];
	films: [id: string, film: Things['films'] extends Map<string, infer T> ? T : never][];
	/** Frames to be replayed, oldest first. */
	frames: (LoggedFrame & { /** What was promised of it, 0 … 1. */ promised: number | null })[];
}

/** What is asked of a log, worked out. */
export interface WhatIfAnswer extends Replay {
	saved: Savings['saved'];
	/** Frames that were lost by their exposure, and those of them that no single change would have saved. */
	lost: number;
	open: number;
	habit: CostlyHabit | null;
}

/** The things of a log, with cameras and films that may take the place of those that were used. */
export function thingsWith(
	{ cameras, films }: Pick<Log, 'cameras' | 'films'>,
	others: readonly Pick<Otherwise, 'camera' | 'film'>[]
): Things {
	const things: Things = { cameras: new Map(cameras), films: new Map(films) };
	for (const { camera, film } of others) {
		if (camera && !things.cameras.has(keyOf(camera))) things.cameras.set(keyOf(camera), { camera });
		if (film && !things.films.has(keyOf(film))) things.films.set(keyOf(film), film);
	}
	return things;
}

/** A log with what befell its frames; it is worked out once, and asked as often as one likes. */
export interface ToldHistory extends History {
	taught: Taught;
}

/**
 * What befell the frames of a log.
 *
 * @param others cameras and films that may take the place of those that were used
 */
export function historyOf(
	log: Log,
	others: readonly Pick<Otherwise, 'camera' | 'film'>[] = [],
	progress?: Progress
): ToldHistory {
	const things = thingsWith(log, others);
	const [last] = log.frames.toReversed();
	const taught = taughtBy(log.told, things, last?.making.of.camera ?? [...things.cameras.keys()][0]);
	return { taught, ...relive(taught, log.frames, progress) };
}

/** What frames say of a camera with its film together, without the pack that is in it. */
const learntOf =
	({ model }: Taught) =>
	({ of }: Making, takenAt: string): Learnt => {
		const { stops, sd, wide } = model.sum({ ...of, load: null, judge: JUDGE, at: yearsOf(takenAt) });
		return { stops, sd, ...(wide && { wide }) };
	};

/** The habit that costs most frames, of those that were judged. */
export function habitIn(log: Log, { frames }: History): CostlyHabit | null {
	const promised = new Map(log.frames.map((frame) => [frame.id, frame.promised]));
	return costliestHabit(
		frames
			.filter(({ frame }) => frame.judged)
			.map(({ frame, then }) => ({
				traits: traitsOf(frame, promised.get(frame.id) ?? null),
				lost: frame.spoiled === true || fateOf(then).usable < 1 / 2
			}))
	);
}

/**
 * A log replayed with one thing changed, what would have saved its lost frames, and the habit that costs most of them.
 *
 * @param bag what might have been used
 * @example answerWhatIf(log, { filters: [an ND of 2 stops] }, {}).difference.mean // 8.9
 */
export function answerWhatIf(log: Log, change: Otherwise, bag: Bag, progress?: Progress): WhatIfAnswer {
	const history = historyOf(log, [change], progress);
	return { ...askHistory(history, change, progress), ...savedIn(log, history, bag) };
}

/** What a change does to a history that is worked out. */
export function askHistory(history: ToldHistory, change: Otherwise, progress?: Progress): Replay {
	const known = learntOf(history.taught);
	return replay(
		history,
		(frame) => otherwise(frame, change, (making) => known(making, frame.takenAt)),
		progress
	);
}

/** What would have saved the lost frames of a history, and the habit that costs most. */
export function savedIn(log: Log, history: History, bag: Bag): Omit<WhatIfAnswer, keyof Replay> {
	const { saved, lost, open } = whatSaves(history, bag);
	return { saved, lost, open, habit: habitIn(log, history) };
}
