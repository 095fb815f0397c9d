import { describe, expect, it } from 'vitest';
import type { FrameRecord } from '$contract/records';
import type { Kept } from '$lib/records/client';
import { shownFrames, stripOf } from './strip-view';

const frame = (number: number, usable: number, judged?: { stops: number; kept?: boolean }) =>
	({
		id: String(number),
		number,
		predicted: { chances: { usable } },
		...(judged ? { judged } : {})
	}) as unknown as Kept<FrameRecord>;
const frames = [
	frame(1, 0.9, { stops: -0.3, kept: true }),
	frame(2, 0.2),
	frame(3, 0.6, { stops: -2 }),
	frame(5, 0.8, { stops: 0.3, kept: false })
];
const numbers = (shown: readonly { number: number }[]) => shown.map(({ number }) => number);

describe('the strip of a load', () => {
	it('shows those that are asked for', () => {
		expect(numbers(shownFrames(frames, 'all', 'number'))).toEqual([1, 2, 3, 5]);
		expect(numbers(shownFrames(frames, 'to-judge', 'number'))).toEqual([2]);
		expect(numbers(shownFrames(frames, 'kept', 'number'))).toEqual([1]);
		expect(numbers(shownFrames(frames, 'failed', 'number'))).toEqual([3, 5]);
	});

	it('in the order that is asked for, those without a result last', () => {
		expect(numbers(shownFrames(frames, 'all', 'promise'))).toEqual([2, 3, 5, 1]);
		expect(numbers(shownFrames(frames, 'all', 'result'))).toEqual([3, 1, 5, 2]);
	});

	it('has a place for each frame that was not noted, once', () => {
		const places = stripOf(frames, [4, 4, 5, 6]);
		expect(numbers(places)).toEqual([1, 2, 3, 5, 4, 6]);
		expect(places.filter((place) => place.frame === null)).toHaveLength(2);
	});
});
