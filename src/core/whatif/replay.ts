import type { Taught, Worlds } from '../learn';
import { distanceOutside, type OpenFrame } from '../match';
import { befellOf, errorIn, sharedOf, type Befell, type Shared } from './befell';
import type { Fate, FrameReplay, Likely, LoggedFrame, Making, Replay } from './types';

/** Worlds that frames are replayed in: more where there are few frames. */
const [FEWEST_WORLDS, MOST_WORLDS] = [64, 256];
const FRAMES_IN_ALL = 25_600;

/** So many worlds that a replay of some frames takes no longer than it must. */
export const worldsFor = (frames: number): number =>
	// Where nothing is replayed, what is asked of them is summed over many lights.
	frames === 0
		? FEWEST_WORLDS
		: Math.round(Math.min(MOST_WORLDS, Math.max(FEWEST_WORLDS, FRAMES_IN_ALL / Math.max(1, frames))));

/** How a frame's exposure came out in each world: 2 good, 1 usable, 0 neither. */
type Marks = Uint8Array;

function markOf({ latitude }: OpenFrame, error: number): number {
	if (distanceOutside(latitude.good, error) === 0) return 2;
	return distanceOutside(latitude.usable, error) === 0 ? 1 : 0;
}

/** Errors and marks of one making of a frame, in each world. */
export interface Course {
	errors: Float64Array;
	marks: Marks;
}

/**
 * How one making of a frame comes out in each world.
 *
 * @param lost whatever its exposure
 */
export function courseOf(shared: Shared, befell: Befell, lost: boolean): Course {
	const count = befell.light.length;
	const course: Course = { errors: new Float64Array(count), marks: new Uint8Array(count) };
	for (let at = 0; at < count; at++) {
		const error = errorIn(shared, befell, at);
		course.errors[at] = error;
		if (!lost) course.marks[at] = markOf(shared.open, error);
	}
	return course;
}

/** A logged frame, with what befell it in each world, and how it came out. */
export interface Relived {
	frame: LoggedFrame;
	shared: Shared;
	befell: Befell;
	then: Course;
}

/** Says how many of how many are done; what it throws ends the work. */
export type Progress = (done: number, of: number) => void;

/** Logged frames with what befell them, in worlds that they leave open. */
export interface History {
	worlds: Worlds;
	frames: Relived[];
}

/**
 * What befell logged frames, in many worlds: what is hidden is as it may be by all judged frames; each frame's own
 * share of it, by how it was judged.
 *
 * @param taught what frames say together; those to be relived need not be among them
 */
export function relive(
	{ model }: Pick<Taught, 'model'>,
	frames: readonly LoggedFrame[],
	progress: Progress = () => {}
): History {
	const worlds = model.worlds(worldsFor(frames.length));
	return {
		worlds,
		frames: frames.map((frame, at) => {
			progress(at, frames.length);
			const shared = sharedOf(worlds, frame.making, frame.takenAt);
			const befell = befellOf(worlds, frame, shared, model.noise(frame.making.of.camera));
			return { frame, shared, befell, then: courseOf(shared, befell, frame.spoiled ?? false) };
		})
	};
}

function times(values: Float64Array, by: number): Float64Array {
	if (by === 1) return values;
	const scaled = new Float64Array(values.length);
	for (let at = 0; at < values.length; at++) scaled[at] = values[at] * by;
	return scaled;
}

/** What another camera's eye gives more or less of its own: another body has its own scatter, the same in all its ways. */
function befallsOther(
	worlds: Worlds,
	{ frame, befell, shared }: Relived,
	other: Making,
	open: OpenFrame
): Befell {
	const sameBody = frame.making.of.camera === other.of.camera;
	const { own, meterSd } = shared.open;
	const fresh = (part: string, sd: number) => times(worlds.own(`${part} of ${frame.id}`), sd);
	const scaled = (part: 'eye' | 'hand', same: boolean) =>
		same && own[part] > 0 ? times(befell[part], open.own[part] / own[part]) : fresh(part, open.own[part]);
	return {
		...befell,
		eye: scaled('eye', sameBody),
		hand: scaled('hand', true),
		meter: open.meterSd > 0 && meterSd === 0 ? fresh('meter', open.meterSd) : befell.meter
	};
}

/**
 * How a frame would have come out, made otherwise: what befell it stays as it was, as far as the change does not
 * touch it; what it adds that spoils a picture spoils it.
 */
export function replayed(worlds: Worlds, before: Relived, making: Making): Course {
	const { frame, shared } = before;
	const other = sharedOf(worlds, making, frame.takenAt);
	const more = other.open.spoilers.some((kind) => !shared.open.spoilers.includes(kind));
	const befell = befallsOther(worlds, before, making, other.open);
	return courseOf(other, befell, more || (frame.spoiled ?? false));
}

const share = (marks: Marks, least: number) => {
	let count = 0;
	for (const mark of marks) if (mark >= least) count++;
	return count / marks.length;
};

/** How a frame came out over all worlds. */
export function fateOf({ errors, marks }: Course): Fate {
	let [sum, squares] = [0, 0];
	for (let at = 0; at < errors.length; at++) sum += errors[at];
	const mean = sum / errors.length;
	for (let at = 0; at < errors.length; at++) squares += (errors[at] - mean) ** 2;
	return {
		...{ error: mean, sd: Math.sqrt(squares / errors.length) },
		...{ good: share(marks, 2), usable: share(marks, 1) }
	};
}

function frameReplay(id: string, then: Course, now: Course): FrameReplay {
	const counts = [0, 0, 0, 0];
	for (let at = 0; at < then.marks.length; at++)
		counts[(then.marks[at] === 2 ? 2 : 0) + (now.marks[at] === 2 ? 1 : 0)]++;
	const [neither, onlyNow, onlyThen, both] = counts.map((count) => count / then.marks.length);
	return { id, then: fateOf(then), now: fateOf(now), both, onlyThen, onlyNow, neither };
}

/** Nine times in ten. */
const [LOW, HIGH] = [0.05, 0.95];

/** The value below which a part of some sorted values lies, between neighbours in a straight line. */
function quantile(sorted: Float64Array, part: number): number {
	const place = part * (sorted.length - 1);
	const below = Math.floor(place);
	const above = Math.min(sorted.length - 1, below + 1);
	return sorted[below] + (place - below) * (sorted[above] - sorted[below]);
}

/** What is likely of a number that is known in each world. */
export function likelyOf(values: Float64Array): Likely {
	const sorted = values.toSorted();
	return {
		mean: values.reduce((sum, value) => sum + value, 0) / values.length,
		from: quantile(sorted, LOW),
		to: quantile(sorted, HIGH)
	};
}

/** Frames that are good, and usable, in each world. */
export class Tally {
	readonly good: Float64Array;
	readonly usable: Float64Array;

	constructor(count: number) {
		this.good = new Float64Array(count);
		this.usable = new Float64Array(count);
	}

	add({ marks }: Course): void {
		for (let at = 0; at < marks.length; at++) {
			if (marks[at] === 2) this.good[at]++;
			if (marks[at] >= 1) this.usable[at]++;
		}
	}
}

const less = (a: Float64Array, b: Float64Array) => likelyOf(a.map((value, at) => value - b[at]));

/**
 * Logged frames replayed with one thing changed: how each came out and would have come out, and the sum.
 *
 * @param other how a frame would have been made; null: the change cannot be made on it
 * @returns good and usable frames with intervals of nine in ten, of these frames
 * @example replay(relive(taught, 8 frames 2 stops too light), (made) => with an ND of 2 stops).difference.mean // about 8
 */
export function replay(
	{ worlds, frames }: History,
	other: (frame: LoggedFrame) => Making | null,
	progress: Progress = () => {}
): Replay {
	const [then, now] = [new Tally(worlds.count), new Tally(worlds.count)];
	let unchanged = 0;
	const all = frames.map((before, at) => {
		progress(at, frames.length);
		const making = other(before.frame);
		if (!making) unchanged++;
		const after = making ? replayed(worlds, before, making) : before.then;
		then.add(before.then);
		now.add(after);
		return frameReplay(before.frame.id, before.then, after);
	});
	const sides = (of: 'good' | 'usable') => ({
		then: likelyOf(then[of]),
		now: likelyOf(now[of]),
		difference: less(now[of], then[of])
	});
	return { frames: all, ...sides('good'), usable: sides('usable'), unchanged };
}
