import { footage, spoolSeconds, type CineSpool } from '../film';

/** A shot that is planned. */
export interface PlannedShot {
	id: string;
	title: string;
	/** How long it is to run, s. */
	seconds: number;
}

/** A shot that was taken. */
export interface TakenShot {
	number: number;
	/** s */
	ran: number;
	/** The planned one that it was taken for. */
	shot?: string;
}

/** A planned shot on its spool. */
export interface ShotRow extends PlannedShot {
	/** s that were taken for it; 0 = still to come. */
	taken: number;
	/** Where it begins if all before it are taken in order: for one that was taken, where it began. */
	side: number;
	feet: number;
	/** The spool must be flipped before it, or it would run over the end of the side. */
	flipBefore: boolean;
	/** There is film for it. */
	fits: boolean;
}

export interface ShotList {
	rows: ShotRow[];
	/** s that were run, with shots that were not planned. */
	ran: number;
	/** s that what is planned still needs. */
	toCome: number;
	/** s left on the spool. */
	left: number;
	/** s left on the side that is in the gate. */
	leftOnSide: number;
	/** Where the footage counter stands. */
	counter: { side: number; feet: number };
}

/** The side that is in the gate after so many seconds, and what is left on it: a full side is not the next yet. */
function sideAt(spool: CineSpool, seconds: number): { side: number; left: number } {
	const one = spoolSeconds({ ...spool, sides: 1 });
	const side = Math.min(spool.sides, Math.floor(seconds / one) + 1);
	return { side, left: Math.max(0, side * one - seconds) };
}

/**
 * Where the spool stands after so many seconds were run: what was left when it was flipped never ran.
 *
 * @returns s, from the beginning of the first side
 * @example onSpool({ feet: 25, sides: 2, framesPerSecond: 16 }, 110, 100) // 135
 */
export function onSpool(spool: CineSpool, ran: number, flippedAfter?: number): number {
	const one = spoolSeconds({ ...spool, sides: 1 });
	return flippedAfter === undefined || ran < flippedAfter ? ran : one + (ran - flippedAfter);
}

/** Where a shot begins that comes after so many seconds: one that would cross the end waits for the flip. */
function beginOf(spool: CineSpool, at: number, seconds: number) {
	const { side, left } = sideAt(spool, at);
	const crosses = seconds > left + 1e-9 && side < spool.sides;
	const begin = crosses ? at + left : at;
	const flips = crosses || (at > 0 && left === spoolSeconds({ ...spool, sides: 1 }));
	return { begin, flips };
}

/**
 * A spool's planned shots next to those that were taken. What was taken comes first on the film, in its
 * order; then what is planned, in its order. A shot that the end of a side would cut begins on the
 * next, and what was left is lost.
 *
 * @param flippedAfter s that had run on the first side when the spool was flipped; absent: it was not,
 * or at its end
 * @example shotList({ feet: 25, sides: 2, framesPerSecond: 16 }, [], []).left // 250
 */
export function shotList(
	spool: CineSpool,
	planned: readonly PlannedShot[],
	taken: readonly TakenShot[],
	flippedAfter?: number
): ShotList {
	const whole = spoolSeconds(spool);
	const began = new Map<string, number>();
	let ran = 0;
	for (const { shot, ran: seconds } of taken.toSorted((a, b) => a.number - b.number)) {
		if (shot !== undefined && !began.has(shot)) began.set(shot, onSpool(spool, ran, flippedAfter));
		ran += seconds;
	}
	const stands = onSpool(spool, ran, flippedAfter);
	let at = stands;
	const rows = planned.map((shot): ShotRow => {
		const own = taken.filter((each) => each.shot === shot.id).reduce((sum, each) => sum + each.ran, 0);
		if (own > 0) {
			const { side, feet } = footage(spool, began.get(shot.id)!);
			return { ...shot, taken: own, side, feet, flipBefore: false, fits: true };
		}
		const { begin, flips } = beginOf(spool, at, shot.seconds);
		at = begin + shot.seconds;
		return { ...shot, taken: 0, ...footage(spool, begin), flipBefore: flips, fits: at <= whole + 1e-9 };
	});
	return {
		rows,
		ran,
		toCome: rows.reduce((sum, { taken: own, seconds }) => sum + (own > 0 ? 0 : seconds), 0),
		left: Math.max(0, whole - stands),
		leftOnSide: sideAt(spool, stands).left,
		counter: footage(spool, stands)
	};
}

/** What frames of a spool say of the shots that were taken. */
export function takenShots(frames: readonly { number: number; ran?: number; shot?: string }[]): TakenShot[] {
	return frames.flatMap(({ number, ran, shot }) => (ran === undefined ? [] : [{ number, ran, shot }]));
}
