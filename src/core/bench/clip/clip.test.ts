import { describe, expect, it } from 'vitest';
import { filmed, filmedSteps, type FilmedShutter } from '../../standin';
import { lightBySteps, lightOfBt709, measureClip } from '.';

const shutter = (more: Partial<FilmedShutter>): FilmedShutter => ({
	...{ times: [1 / 60, 1 / 60, 1 / 60], framesPerSecond: 60, exposed: 0.98 },
	...{ open: 0.8, black: 0, noise: 0.002, seed: 0.3, ...more }
});
const timesOf = (what: FilmedShutter, steps = true) => {
	const answer = measureClip(filmed(what, steps ? { steps: filmedSteps(what) } : {}));
	if ('refused' in answer) throw new Error(answer.refused);
	return answer.firings;
};

describe('a shutter by a phone’s clip', () => {
	// As near as is asked for: 5 % for long times, 10 % to 1/250 s, 15 % at 1/500 s.
	it.each([
		[24, 1 / 8, 0.05],
		[30, 1 / 2, 0.05],
		[30, 1 / 30, 0.05],
		[60, 1 / 60, 0.1],
		[60, 1 / 125, 0.1],
		[240, 1 / 250, 0.1],
		[240, 1 / 500, 0.15]
	])('at %d frames a second', (framesPerSecond, seconds, within) => {
		for (const seed of [0.11, 0.37, 0.83]) {
			const firings = timesOf(shutter({ framesPerSecond, seed, times: [seconds, seconds, seconds] }));
			expect(firings).toHaveLength(3);
			for (const { seconds: told, sd } of firings) {
				expect(Math.abs(told / seconds - 1)).toBeLessThan(within);
				expect(Math.abs(told - seconds)).toBeLessThan(4 * sd);
				expect(sd / seconds).toBeLessThan(0.15);
			}
		}
	});

	it('goes by the steps that were filmed where a phone keeps to no standard', () => {
		const own = shutter({
			framesPerSecond: 240,
			times: [1 / 125, 1 / 125, 1 / 125],
			encode: (light) => light ** 0.3
		});
		for (const { seconds } of timesOf(own)) expect(Math.abs(seconds * 125 - 1)).toBeLessThan(0.1);
		// Source: ITU-R BT.709-6: half of the code range is 0.26 of the light.
		expect(lightOfBt709(0.5)).toBeCloseTo(0.2597, 3);
		const bySteps = lightBySteps([
			{ fraction: 1, code: 0.8 },
			{ fraction: 0.5, code: 0.6 },
			{ fraction: 0, code: 0.1 }
		]);
		expect([0.1, 0.35, 0.6, 0.8].map(bySteps)).toEqual(
			[0, 0.25, 0.5, 1].map((light) => expect.closeTo(light, 9))
		);
	});

	it('finds the steps by itself where they run by behind the open shutter', () => {
		const what = shutter({
			...{ framesPerSecond: 240, times: [1 / 125, 1 / 125, 1 / 125], encode: (light) => light ** 0.3 },
			...{ steps: 7, held: 8 }
		});
		const told = measureClip(filmed(what));
		if ('refused' in told) throw new Error(told.refused);
		expect(told.firings).toHaveLength(3);
		for (const { seconds, sd } of told.firings) {
			expect(Math.abs(seconds * 125 - 1)).toBeLessThan(0.1);
			expect(sd / seconds).toBeLessThan(0.06);
		}
		// Also of numbers that stand for light in another way.
		expect(measureClip(filmed(what, { transfer: 'hlg' }))).toEqual(told);
	});

	it('says how much more is in doubt without them', () => {
		const what = shutter({ framesPerSecond: 240, times: [1 / 250, 1 / 250, 1 / 250] });
		const [told] = timesOf(what, false);
		expect(told.sd / told.seconds).toBeGreaterThan(0.14);
	});

	it.each([
		[
			'frames that are exposed half of the time',
			{ exposed: 0.5, times: [1 / 250, 1 / 250, 1 / 250] },
			'dimmer'
		],
		[
			'frames that are exposed a tenth of the time',
			{ exposed: 0.1, times: [1 / 125, 1 / 125, 1 / 125] },
			'dimmer'
		],
		['those of which none is lit in part', { exposed: 0.2, times: [1 / 90, 1 / 90, 1 / 90] }, 'dimmer'],
		['an open shutter that is as bright as it gets', { open: 0.97 }, 'too-bright'],
		['light that fades', { fades: 0.1 }, 'unsteady'],
		['no open shutter', { held: 0 }, 'no-reference'],
		['nothing but the open shutter', { times: [] }, 'no-firings']
	] as const)('refuses %s', (_, more, refused) => {
		for (const seed of [0.11, 0.37, 0.83]) {
			const what = shutter({ framesPerSecond: 60, ...more, seed });
			expect(measureClip(filmed(what, { steps: filmedSteps(what) }))).toEqual({ refused });
		}
	});

	it('goes by the marked part of the open stretch alone, and by no firing that the mark touches', () => {
		const clip = filmed(shutter({ held: 3 }));
		const end = clip.frames.at(-1)!.at;
		// A lamp goes on for the last second and a half.
		const frames = clip.frames.map((frame) =>
			frame.at > end - 1.5 ? { ...frame, rows: frame.rows.map((code) => code * 1.1) } : frame
		);
		expect(measureClip({ ...clip, frames })).toEqual({ refused: 'unsteady' });
		const open = [0.5, end - 1.6] as const;
		const marked = measureClip({ ...clip, frames, open });
		if ('refused' in marked) throw new Error(marked.refused);
		expect(marked.open[1]).toBeLessThanOrEqual(open[1]);
		expect(marked.firings).toHaveLength(3);
		for (const { seconds } of marked.firings) expect(Math.abs(seconds * 60 - 1)).toBeLessThan(0.1);
		expect(measureClip({ ...clip, frames, open: [end - 1.55, end - 1.54] })).toEqual({
			refused: 'no-reference'
		});
	});

	it('refuses numbers that do not stand for light in a known way', () => {
		expect(measureClip(filmed(shutter({}), { transfer: 'hlg' }))).toEqual({ refused: 'transfer' });
	});
});
