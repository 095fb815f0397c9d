import { describe, expect, it } from 'vitest';
import type { Replay, Saving } from '../core/whatif';
import { costliestHabitInWords, replayInWords, savingInWords, savingTitle, unsureInWords } from './what-if';

const likely = (mean: number, from: number, to: number) => ({ mean, from, to });
const replayOf = (count: number, then: number, now: number, difference: ReturnType<typeof likely>) =>
	({
		frames: Array.from({ length: count }, () => ({})),
		now: likely(now - 1, now - 1, now - 1),
		usable: { then: likely(then, then, then), now: likely(now, now, now), difference }
	}) as Replay;

describe('what would have been, in words', () => {
	it('is a count with how sure it is, or that it may be none', () => {
		expect(replayInWords(replayOf(8, 2.2, 6.8, likely(4.6, 4, 6)), 'With ND 2')).toBe(
			'With ND 2, about 7 of these 8 frames come out, 6 of them well, instead of 2: 5 more, most likely 4 to 6.'
		);
		expect(replayInWords(replayOf(8, 6, 3, likely(-3, -5, -2)), 'With ND 2')).toBe(
			'With ND 2, about 3 of these 8 frames come out, 2 of them well, instead of 6: 3 fewer, most likely 2 to 5.'
		);
		expect(replayInWords(replayOf(3, 1, 1.4, likely(0.4, -1, 2)), 'With ND 2')).toBe(
			'With ND 2, about 1 of these 3 frames come out, 0 of them well, instead of 1: it may well make no difference.'
		);
		expect(replayInWords(replayOf(3, 0, 3, likely(3, 3, 3)), 'With ND 2')).toBe(
			'With ND 2, about 3 of these 3 frames come out, 2 of them well, instead of 0: 3 more.'
		);
	});

	const saving = (lost: number, more: Partial<Saving> = {}, change = {}): Saving => ({
		change: { kind: 'filter', name: 'ND 2', stops: -2, ...change },
		effort: 1,
		lost,
		ids: [],
		spoils: 0,
		...more
	});

	it('says how many a change would have saved, and what it would have cost', () => {
		expect(savingInWords(saving(9), 14)).toBe('9 of your 14 lost frames would have come out.');
		expect(savingInWords(saving(5, { spoils: 1 }), 5)).toBe(
			'All 5 lost frames would have come out. On every frame, it would have lost one good one.'
		);
		expect(savingInWords(saving(1, { spoils: 6 }, { missing: true }), 1)).toBe(
			'Your one lost frame would have come out. On every frame, it would have lost 6 good ones. Not in your bag.'
		);
		expect(savingTitle(saving(1))).toBe('ND 2');
		const nd = { kind: 'filter', name: 'ND 1' } as const;
		expect(savingTitle(saving(2, { and: nd }))).toBe('ND 2 and ND 1');
		expect(savingInWords(saving(2, { and: { ...nd, missing: true } }), 5)).toBe(
			'2 of your 5 lost frames would have come out. ND 1 is not in your bag.'
		);
		expect(savingTitle(saving(1, {}, { off: true }))).toBe('ND 2 taken off');
		expect(savingTitle(saving(1, {}, { instead: { name: 'ND 1' } }))).toBe('ND 2 instead of ND 1');
	});

	it('names the habit that costs most with its evidence, or none', () => {
		const found = { with: { frames: 6, lost: 5 }, without: { frames: 10, lost: 1 }, cost: 4.4 };
		expect(costliestHabitInWords({ trait: { kind: 'at-limit' }, ...found })).toBe(
			'What costs most: light beyond the camera’s limit. Of 6 such frames 5 were lost; of the 10 others, 1.'
		);
		expect(costliestHabitInWords({ trait: { kind: 'way', way: 'by eye' }, ...found })).toMatch(
			/^What costs most: light read by eye\./
		);
		expect(costliestHabitInWords(null)).toBe('No single habit stands out.');
	});

	it('says where a frame could have gone either way', () => {
		expect([0.9, 0.6, 0.3, 0.1].map((usable) => unsureInWords({ usable }))).toEqual([
			'',
			', may be lost',
			', may come out',
			''
		]);
	});
});
