import { describe, expect, it } from 'vitest';
import type { Comparison, WayCompared } from '../core/compare';
import { compareInWords, frameTime, paybackInWords, spreadInWords, wayName } from './compare';

const way = (
	good: number,
	seconds: number | null,
	handheldFrom: number | null,
	keeper = 2.5
): WayCompared => ({
	hours: null,
	share: { good, usable: Math.min(1, good + 0.1), interval: [good - 0.1, good + 0.1] },
	seconds,
	typical: seconds === null ? null : { f: 8, seconds, sharp: { from: 2, to: null }, lit: false },
	handheldFrom,
	flash: null,
	cost: { once: 0, frame: 2, keeper, interval: [2, 3] }
});
const names = ['Wrack 640 as it is', 'Wrack 640 with ND 0.6', 'Wrack 640 with an eye for ISO 640'];
const said = { names, own: true, money: (amount: number) => amount.toFixed(2) };
const comparison = (changes: Partial<Comparison> = {}): Comparison => ({
	ways: [way(0.1, 1 / 180, null, 20), way(0.83, 1 / 60, 10.8, 2.41), way(0.82, 1 / 250, 9, 2.43)],
	alike: [1, 2],
	payback: null,
	...changes
});

describe('ways in words', () => {
	it('say which expose alike, which is faster, and what a good frame costs', () => {
		expect(compareInWords(comparison(), said)).toBe(
			'Wrack 640 with ND 0.6 and Wrack 640 with an eye for ISO 640 expose alike: about 8 in 10 of your frames would be good, about 1 in 10 with Wrack 640 as it is. ' +
				'Wrack 640 with an eye for ISO 640 is 4 times faster, hand-held from EV 9 instead of 10⅔. ' +
				'A good frame costs least with Wrack 640 with ND 0.6: 2.41.'
		);
	});

	it('say which one is best, which ways are no better than each other, and that none does', () => {
		expect(compareInWords(comparison({ alike: [1] }), { ...said, own: false })).toMatch(
			/^Wrack 640 with ND 0\.6 gives the most good frames: about 8 in 10 of the frames, about 8 in 10 with Wrack 640 with an eye/
		);
		const both = [way(0.6, 1 / 60, 10), way(0.6, 1 / 60, 10)];
		expect(compareInWords(comparison({ ways: both, alike: [0, 1] }), said)).toMatch(
			/^Both expose alike: about 6 in 10 of your frames would be good\./
		);
		const none = [way(0.01, null, null), way(0, null, null)];
		expect(compareInWords(comparison({ ways: none, alike: [0, 1] }), said)).toMatch(
			/^Hardly any of your frames would be good in any of these ways\./
		);
		expect(compareInWords(comparison({ ways: both.slice(1), alike: [0] }), said)).toBe(
			'About 6 in 10 of your frames would be good.'
		);
	});

	it('say when the dearest has earned its price, or that it has not', () => {
		const payback = { way: 2, beside: 1, frames: 41, within: 0.97 };
		expect(paybackInWords(payback, { ...said, perYear: 60 })).toBe(
			'Wrack 640 with an eye for ISO 640 pays for itself against Wrack 640 with ND 0.6 after about 41 frames, 8 months at your 60 frames a year.'
		);
		expect(paybackInWords({ ...payback, frames: null, within: 0.31 }, said)).toBe(
			'Wrack 640 with an eye for ISO 640 doesn’t pay for itself against Wrack 640 with ND 0.6 within 300 frames (about 3 in 10 that it does).'
		);
		expect(paybackInWords({ ...payback, frames: null, within: 0 }, said)).toMatch(/within 300 frames\.$/);
		expect(frameTime(3, 60)).toBe('a month');
		expect(frameTime(290, 60)).toBe('5 years');
	});

	it('say how sure a share is, and what a way is', () => {
		expect(spreadInWords(way(0.7, null, null))).toBe('6 to 8 in 10; about 8 in 10 come out');
		const plain = { film: 'Wrack 640', filters: [], wheel: null, push: 0, eye: null };
		expect(wayName(plain)).toBe('Wrack 640 as it is');
		expect(wayName({ ...plain, camera: 'Twinlet' })).toBe('Wrack 640 in Twinlet');
		expect(
			wayName({
				...plain,
				filters: [{ name: 'ND 0.6', sits: 'pack' }],
				...{ wheel: -0.5, push: 1, eye: 640, flash: 'Pocket flash' }
			})
		).toBe(
			'Wrack 640 with ND 0.6 on the pack, an eye for ISO 640, the wheel ½ toward darken, 1 stop of push and Pocket flash'
		);
	});
});
