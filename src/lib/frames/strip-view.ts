import type { FrameRecord } from '$contract/records';
import type { Kept } from '$lib/records/client';

/** Which frames of a load are shown, and in which order. */

export type Which = 'all' | 'to-judge' | 'kept' | 'failed';
export type Order = 'number' | 'promise' | 'result';

export const whichNames: Readonly<Record<Which, string>> = {
	all: 'all frames',
	'to-judge': 'to judge',
	kept: 'to keep',
	failed: 'not come out'
};
export const orderNames: Readonly<Record<Order, string>> = {
	number: 'as shot',
	promise: 'least promise first',
	result: 'darkest first'
};

/** Beyond this a picture has not come out, whatever is told of it, stops; see the film's own latitude for the rest. */
const LOST = 1;

const belongs: Readonly<Record<Which, (frame: FrameRecord) => boolean>> = {
	all: () => true,
	'to-judge': ({ judged }) => judged === undefined,
	kept: ({ judged }) => judged?.kept === true,
	failed: ({ judged }) => judged !== undefined && (judged.kept === false || Math.abs(judged.stops) > LOST)
};

const places: Readonly<Record<Order, (frame: FrameRecord) => number>> = {
	number: ({ number }) => number,
	promise: ({ predicted }) => predicted?.chances.usable ?? Infinity,
	result: ({ judged }) => judged?.stops ?? Infinity
};

/** The frames to show. */
export function shownFrames(
	frames: readonly Kept<FrameRecord>[],
	which: Which,
	order: Order
): Kept<FrameRecord>[] {
	const place = places[order];
	return frames.filter(belongs[which]).toSorted((a, b) => place(a) - place(b) || a.number - b.number);
}

/** A place of the strip: a frame that was noted, or one that was taken and not noted. */
export type StripPlace = { number: number; frame: Kept<FrameRecord> | null };

/** The strip in order, with the frames between that were not noted. */
export function stripOf(frames: readonly Kept<FrameRecord>[], unknown: readonly number[] = []): StripPlace[] {
	const noted = new Set(frames.map(({ number }) => number));
	const gaps = [...new Set(unknown)].filter((number) => !noted.has(number));
	return [
		...frames.map((frame): StripPlace => ({ number: frame.number, frame })),
		...gaps.map((number): StripPlace => ({ number, frame: null }))
	];
}
