import { describe, expect, it } from 'vitest';
import { answersInLight, type FilmInReach } from './film-in-reach';

const works = (good: [number, number], usable: [number, number]) => ({
	good: [good],
	usable: [usable],
	lanes: []
});
const row = (
	name: string,
	plain: ReturnType<typeof works>,
	...behind: [string, ReturnType<typeof works>][]
) =>
	({
		film: { name },
		plain,
		filtered: behind.map(([filter, reach]) => ({ name: filter, ...reach }))
	}) as unknown as FilmInReach;

describe('films of the bag in a light', () => {
	it('are plain where that is right, else behind the weakest filter that makes them so', () => {
		const slow = row('Slow', works([12, 14], [11, 15]));
		const fast = row(
			'Fast',
			works([8, 10], [7, 12.5]),
			['ND 0.6', works([10, 12], [9, 14.5])],
			['ND 0.9', works([11, 13], [10, 15.5])]
		);
		const none = row('None', works([1, 2], [0, 3]));
		expect(answersInLight([none, fast, slow], 13)).toEqual([
			{ name: 'Fast', verdict: 'just-enough', behind: 'ND 0.9' },
			{ name: 'Slow', verdict: 'just-enough' }
		]);
		// Only just without, and no better with: without.
		expect(answersInLight([fast], 7.5)).toEqual([{ name: 'Fast', verdict: 'usable' }]);
		expect(answersInLight([slow, fast], 14.8)).toEqual([
			{ name: 'Slow', verdict: 'usable' },
			{ name: 'Fast', verdict: 'usable', behind: 'ND 0.9' }
		]);
	});
});
