/** A frame of a load, as far as its number goes. */
export interface Numbered {
	id: string;
	number: number;
	/** ISO 8601 */
	takenAt: string;
}

const byTime = (a: Numbered, b: Numbered) =>
	Date.parse(a.takenAt) - Date.parse(b.takenAt) || (a.id < b.id ? -1 : 1);

/**
 * Numbers for frames of one load that were logged apart, where some were given twice: those that have such a number,
 * and only those, are numbered in order of time, by the numbers that they have and the next free
 * one after each.
 *
 * @param there frames that are known already
 * @param come frames that come to them
 * @param keeps whether a frame that is known keeps its number in any case: it was judged by it
 * @param unknown numbers of frames that were taken and of which nothing is known
 * @returns the numbers of all whose number changes, by id
 * @example inOrderOfTime([{ id: 'a', number: 3, takenAt: '…T10:05Z' }], [{ id: 'b', number: 3, takenAt: '…T10:00Z' }]) // a: 4
 */
export function inOrderOfTime(
	there: readonly Numbered[],
	come: readonly Numbered[],
	keeps: (id: string) => boolean = () => false,
	unknown: readonly number[] = []
): ReadonlyMap<string, number> {
	const all = [...there, ...come];
	// Of what is known by now, something is known.
	const blank = unknown.filter((number) => there.every((frame) => frame.number !== number));
	const seen = new Set<number>(blank);
	const twice = new Set<number>();
	for (const { number } of all) (seen.has(number) ? twice : seen).add(number);
	const moving = all.filter(({ id, number }) => twice.has(number) && !keeps(id)).sort(byTime);
	const staying = new Set([
		...blank,
		...all.filter(({ id, number }) => !twice.has(number) || keeps(id)).map(({ number }) => number)
	]);
	const free = [...twice]
		.sort((a, b) => a - b)
		.flatMap((number) => {
			const frames = moving.filter((frame) => frame.number === number).length;
			const own = staying.has(number) ? [] : [number];
			const more: number[] = [];
			for (let next = number + 1; own.length + more.length < frames; next++) {
				if (seen.has(next)) continue;
				seen.add(next);
				more.push(next);
			}
			return frames > 0 ? [...own, ...more] : [];
		});
	const numbers = free.sort((a, b) => a - b);
	return new Map(
		moving.flatMap(({ id, number }, at) => (numbers[at] === number ? [] : [[id, numbers[at]] as const]))
	);
}
