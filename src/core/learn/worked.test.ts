import { describe, expect, it } from 'vitest';
import { foldingInstant, twinLens } from '../../../tests/fixtures/automatic';
import { filmOf, fixedCamera, steppedCamera } from '../../../tests/fixtures/bag';
import { named } from '../../../tests/fixtures/taught';
import { bestOutcome } from '../match';
import { priorOf, promiseBins, provesLittle, standings, taughtFrameOf } from '.';

describe('frames as learning takes them', () => {
	const film = filmOf('instant', 160);
	const of = (camera = foldingInstant(), more: object = {}, light = { ev: 9, sd: 0.3 }) => {
		const settings = { ...bestOutcome(camera, film, light), ...more };
		return taughtFrameOf(camera, film, { light, settings, judged: { stops: 0, sd: 0.4 } }, named)!;
	};

	it('are told apart by what the camera has more than one of', () => {
		const dialled = foldingInstant({}, { iso: [75, 150] });
		expect(of(dialled, { iso: 150 }).mark).toBe('dial 150');
		expect(of(dialled, { iso: null }).mark).toBeUndefined();
		expect(of(foldingInstant()).mark).toBeUndefined();
		expect(of(twinLens(), { f: 16 }).mark).toBe('f/16');
		expect(of(steppedCamera(), { f: 5.6, seconds: 1 / 60 }).mark).toBe('f/5.6');
		expect(of(fixedCamera()).mark).toBeUndefined();
	});

	it('carry the place of a wheel, where there is one', () => {
		expect(of(foldingInstant(), { compensation: -0.5 })).toMatchObject({ wheel: -0.5, load: 'pack' });
		expect(of(fixedCamera()).wheel).toBe(0);
	});

	it('start from what was measured, or from its stops with the usual doubt', () => {
		const sure = { ...foldingInstant(), offset: { stops: 0.5, sd: 0 } };
		expect(priorOf(sure)).toEqual({ stops: 0.5, sd: 0.5 });
		expect(priorOf({ ...sure, offset: { stops: 0.5, sd: 0.1 } })).toEqual({ stops: 0.5, sd: 0.1 });
		expect(priorOf(fixedCamera())).toEqual({ stops: 0, sd: 0.3 });
	});
});

describe('promises', () => {
	it('stand in bins, each edge in the upper one', () => {
		const bins = promiseBins(
			[0.2, 0.3, 0.85, 0.9, 1].map((promised, at) => ({ promised, cameOut: at % 2 === 0, takenAt: at }))
		);
		expect(bins.map(({ promised, cameOut, frames }) => [promised, cameOut, frames])).toEqual([
			[0.25, 0.5, 2],
			[0.85, 1, 1],
			[0.95, 0.5, 2]
		]);
		// Source: Wilson's interval by hand for 1 of 2, z = 1.645: ½ ± 0.379.
		expect(bins[0].interval).toEqual([expect.closeTo(0.1213, 3), expect.closeTo(0.8787, 3)]);
		expect([provesLittle(19), provesLittle(20)]).toEqual([true, false]);
	});

	it('are followed in the order of the frames, with what a keeper cost', () => {
		const frames = [
			{ promised: 1, cameOut: true, takenAt: 30, cost: 2 },
			{ promised: 1, cameOut: false, takenAt: 10, cost: 2 },
			{ promised: 1, cameOut: true, takenAt: 40 },
			{ promised: 1, cameOut: true, takenAt: 20 }
		];
		expect(standings(frames)).toEqual([
			{ takenAt: 10, frames: 1, rate: 0, costPerKeeper: null },
			{ takenAt: 20, frames: 2, rate: 0.5, costPerKeeper: null },
			{ takenAt: 30, frames: 3, rate: 2 / 3, costPerKeeper: 4 },
			{ takenAt: 40, frames: 4, rate: 0.75, costPerKeeper: 4 }
		]);
	});
});
