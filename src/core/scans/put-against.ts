/** Files from a lab put against the frames that they show. */

/** Files in the order in which a person would list them: numbers in their names by size. */
const NATURAL = new Intl.Collator('en', { numeric: true, sensitivity: 'base' });

/**
 * Names in the order of their numbers, not of their letters.
 *
 * @example inOrder(['R10.jpg', 'R9.jpg']) // ['R9.jpg', 'R10.jpg']
 */
export const inOrder = (names: readonly string[]): string[] => names.toSorted(NATURAL.compare);

const withoutEnding = (name: string) => name.replace(/\.[^.]*$/, '');
const runsOf = (name: string): string[] => withoutEnding(name).match(/\d+/g) ?? [];

/** Digits that a lab writes for a frame, beside those that it writes for the roll in front of them. */
const LENGTHS = [4, 3, 2] as const;

/** Whether numbers can be those of frames: each once, and each one of them. */
const fits = (numbers: readonly number[], frames: ReadonlySet<number>) =>
	new Set(numbers).size === numbers.length && numbers.every((number) => frames.has(number));

/**
 * The frames' numbers in files' names, where labs write them: the last group of digits that differs from file to file, or
 * its last four, three or two digits, where the number of the roll stands before them without a space.
 *
 * Source: common practice of labs' file names, from memory.
 *
 * @param names of files of one load
 * @param frames numbers that were logged
 * @returns a number for each name; null where they do not name frames
 * @example numbersIn(['00012345_0001.jpg', '00012345_0002.jpg'], [1, 2, 3]) // [1, 2]
 */
export function numbersIn(names: readonly string[], frames: readonly number[]): number[] | null {
	const known = new Set(frames);
	const runs = names.map(runsOf);
	const groups = Math.min(...runs.map(({ length }) => length));
	if (names.length === 0 || groups === 0) return null;
	for (let back = 1; back <= groups; back++) {
		const group = runs.map((run) => run.at(-back)!);
		const ways = [group, ...LENGTHS.map((length) => group.map((digits) => digits.slice(-length)))];
		const found = ways.map((way) => way.map(Number)).find((numbers) => fits(numbers, known));
		if (found) return found;
	}
	return null;
}

/**
 * Which frame each file shows: the place of a frame in the list of frames; null for none. A place before the first or
 * behind the last is none as well, and is remembered, so that slipping back brings it back.
 */
export type Pairing = readonly (number | null)[];

/**
 * A first guess of which frame each file shows: by the numbers in their names where these are frames' numbers, else one
 * after the other.
 *
 * @param names of files, in order
 * @param frames numbers that were logged, in order
 * @returns for each file the place of its frame in `frames`
 * @example guessedPairs(['a.jpg', 'b.jpg', 'c.jpg'], [1, 2]) // [0, 1, null]
 */
export function guessedPairs(names: readonly string[], frames: readonly number[]): Pairing {
	const numbers = numbersIn(names, frames);
	if (numbers) return numbers.map((number) => frames.indexOf(number));
	return names.map((_, at) => (at < frames.length ? at : null));
}

/**
 * From one file on, each shows the frame that many further: a blank frame that was scanned, or one that was not. Files
 * before it that showed one of those show none.
 *
 * @param from the first file that slips
 * @param by frames, + = later
 * @example slipped([0, 1, 2], 1, 1) // [0, 2, 3]
 */
export function slipped(pairs: Pairing, from: number, by: number): Pairing {
	const moved = pairs.map((frame, file) => (file < from || frame === null ? frame : frame + by));
	const taken = new Set(moved.slice(from));
	return moved.map((frame, file) => (file < from && taken.has(frame) ? null : frame));
}

/**
 * The same files the other way round: a roll that was scanned from its end.
 *
 * @example turnedRound([0, 1, null]) // [null, 1, 0]
 */
export const turnedRound = (pairs: Pairing): Pairing => pairs.toReversed();

/**
 * Puts one file against a frame; the file that showed it before shows none.
 *
 * @example putAgainst([0, 1], 0, 1) // [1, null]
 */
export const putAgainst = (pairs: Pairing, file: number, frame: number | null): Pairing =>
	pairs.map((other, at) => (at === file ? frame : other === frame ? null : other));
