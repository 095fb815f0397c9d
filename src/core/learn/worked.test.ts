import { Matrix, inverse } from 'ml-matrix';
import { describe, expect, it } from 'vitest';
import { foldingInstant, twinLens } from '../../../tests/fixtures/automatic';
import { filmOf, fixedCamera, steppedCamera } from '../../../tests/fixtures/bag';
import { bestOutcome } from '../match';
import {
	answered,
	judgedFrameOf,
	learn,
	priorOf,
	promiseBins,
	provesLittle,
	readingHabits,
	standings,
	type JudgedFrame
} from '.';

const frame = (judged: number, more: Partial<JudgedFrame> = {}): JudgedFrame => ({
	predicted: 0,
	judged,
	sd: 0.2,
	...more
});
const alternating = (size: number, count: number, sd = 0.2) =>
	Array.from({ length: count }, (_, at) => frame(at % 2 ? -size : size, { sd }));

/** Bayesian regression by the normal equations, solved by a library: (XᵀWX + P⁻¹)⁻¹ XᵀWy. */
function regressed(rows: number[][], y: number[], sd: number[], priors: number[]) {
	const x = new Matrix(rows);
	const weights = Matrix.diag(sd.map((each) => 1 / each ** 2));
	const precision = Matrix.diag(priors.map((each) => 1 / each ** 2));
	const covariance = inverse(Matrix.add(x.transpose().mmul(weights).mmul(x), precision));
	const mean = covariance.mmul(x.transpose()).mmul(weights).mmul(Matrix.columnVector(y));
	return priors.map((_, at) => ({ mean: mean.get(at, 0), sd: Math.sqrt(covariance.get(at, at)) }));
}

describe('frames that disagree', () => {
	// Source: the Birge ratio and Wilson and Hilferty's approximation of χ², by hand for six frames of ± a with
	// σ = 0.2 about their mean of 0: χ²/5 is 2.19 at a = 0.27 and 2.35 at 0.28; its score passes 1.645 between.
	it('are said to, from where chance no longer explains it', () => {
		expect(learn({ stops: 0, sd: 0.3 }, alternating(0.27, 6)).contradict).toBe(false);
		expect(learn({ stops: 0, sd: 0.3 }, alternating(0.28, 6)).contradict).toBe(true);
	});

	// By hand: ± 0.45 is χ² = 30.4 for 5 degrees, a factor of 2.465 on every σ; 1/0.09 + 6/0.493² = 35.8, sd 0.167.
	it('are trusted less by as much as they disagree', () => {
		const learnt = learn({ stops: 0, sd: 0.3 }, alternating(0.45, 6));
		expect(learnt.stops).toBeCloseTo(0, 9);
		expect(learnt.sd).toBeCloseTo(0.1672, 3);
		const calm = learn({ stops: 0, sd: 0.3 }, alternating(0.2, 6));
		expect(calm.sd).toBeCloseTo(1 / Math.sqrt(1 / 0.09 + 6 / 0.04), 9);
	});

	it('need three of them to be told from chance', () => {
		expect(learn({ stops: 0, sd: 0.3 }, alternating(0.3, 3, 0.15)).contradict).toBe(true);
		expect(learn({ stops: 0, sd: 0.3 }, alternating(0.3, 2, 0.15)).contradict).toBe(false);
	});
});

describe('what belongs to settings, packs and the wheel', () => {
	const y = [0.4, 0.5, -0.1, 0, 0.45, -0.2];
	const packs = ['b', 'b', 'a', 'a', 'b', 'a'];
	const marks = ['f/8', 'f/11', 'f/8', 'f/11', 'f/11', 'f/8'];
	const wheel = [0, 1, 0, -1, 0, 1];
	const is = (names: string[], name: string) => names.map((each) => Number(each === name));

	// Source: Bayesian linear regression, solved by a library; prior doubts are those of common practice.
	it('is told apart as a regression tells it', () => {
		const frames = y.map((each, at) =>
			frame(each, { sd: 0.3, pack: packs[at], setting: marks[at], compensation: wheel[at] })
		);
		const columns = [
			y.map(() => 1),
			is(marks, 'f/11'),
			is(marks, 'f/8'),
			is(packs, 'a'),
			is(packs, 'b'),
			wheel
		];
		const rows = y.map((_, at) => columns.map((column) => column[at]));
		const found = regressed(
			rows,
			y,
			y.map(() => 0.3),
			[0.5, 0.2, 0.2, 0.15, 0.15, 0.25]
		);
		const learnt = learn({ stops: 0, sd: 0.5 }, frames);
		expect(learnt.contradict).toBe(false);
		expect([learnt.stops, learnt.sd]).toEqual([
			expect.closeTo(found[0].mean, 9),
			expect.closeTo(found[0].sd, 9)
		]);
		expect(learnt.bySetting).toEqual([
			{
				setting: 'f/11',
				stops: expect.closeTo(found[1].mean, 9),
				sd: expect.closeTo(found[1].sd, 9),
				frames: 3
			},
			{
				setting: 'f/8',
				stops: expect.closeTo(found[2].mean, 9),
				sd: expect.closeTo(found[2].sd, 9),
				frames: 3
			}
		]);
		expect(learnt.wheel).toEqual({
			gain: expect.closeTo(1 + found[5].mean, 9),
			sd: expect.closeTo(found[5].sd, 9)
		});
	});

	it('is not told of a single frame, of one setting alone, or of a wheel that stood still', () => {
		const of = (settings: (string | undefined)[]) =>
			learn(
				{ stops: 0, sd: 0.5 },
				settings.map((setting) => frame(0.1, { setting, compensation: 0.5 }))
			);
		expect(of(['f/8', 'f/8', 'f/11']).bySetting).toEqual([]);
		expect(of(['f/8', 'f/8', undefined]).bySetting).toEqual([]);
		expect(of(['f/8', 'f/8', 'f/11', 'f/11']).bySetting.map(({ setting }) => setting)).toEqual([
			'f/11',
			'f/8'
		]);
		expect(of(['f/8', 'f/8']).wheel).toBeNull();
	});
});

describe('wild frames', () => {
	// Common practice of this program: of fewer than eight frames half can be wild, of more a quarter.
	it('are named in their order, but never more than belong there', () => {
		const learnt = (judged: number[]) =>
			learn(
				{ stops: 0, sd: 0.3 },
				judged.map((each) => frame(each))
			);
		expect(learnt([3, 0, 0, -4, 0, 0, 5]).outliers).toEqual([0, 3, 6]);
		expect(learnt([3, 0, 0, -4, 0, 0, 5, 0]).outliers).toHaveLength(2);
		expect(learnt([0, 0, 0, 0]).outliers).toEqual([]);
	});
});

describe('frames as learning takes them', () => {
	const film = filmOf('instant', 160);
	const of = (camera = foldingInstant(), more: object = {}, light = { ev: 9, sd: 0.3 }) => {
		const settings = { ...bestOutcome(camera, film, light), ...more };
		return judgedFrameOf(camera, film, { light, settings, judged: { stops: 0, sd: 0.4 } }, 'a')!;
	};

	it('are told apart by what the camera has more than one of', () => {
		const dialled = foldingInstant({}, { iso: [75, 150] });
		expect(of(dialled, { iso: 150 }).setting).toBe('dial 150');
		expect(of(dialled, { iso: null }).setting).toBeUndefined();
		expect(of(foldingInstant()).setting).toBeUndefined();
		expect(of(twinLens(), { f: 16 }).setting).toBe('f/16');
		expect(of(steppedCamera(), { f: 5.6, seconds: 1 / 60 }).setting).toBe('f/5.6');
		expect(of(fixedCamera()).setting).toBeUndefined();
	});

	it('carry the place of a wheel, where there is one', () => {
		expect(of(foldingInstant(), { compensation: -0.5 })).toMatchObject({ compensation: -0.5, pack: 'a' });
		expect('compensation' in of(fixedCamera())).toBe(false);
	});

	it('start from what was measured, or from its stops with the usual doubt', () => {
		const sure = { ...foldingInstant(), offset: { stops: 0.5, sd: 0 } };
		expect(priorOf(sure)).toEqual({ stops: 0.5, sd: 0.5 });
		expect(priorOf({ ...sure, offset: { stops: 0.5, sd: 0.1 } })).toEqual({ stops: 0.5, sd: 0.1 });
		expect(priorOf(fixedCamera())).toEqual({ stops: 0, sd: 0.3 });
	});

	it('answer nothing where they say nothing', () => {
		const light = { ev: 18, sd: 0.3 };
		const settings = bestOutcome(foldingInstant(), film, light);
		const judged = { stops: 1, sd: 0.4 };
		const camera = foldingInstant();
		expect(answered(camera, film, [])).toEqual({ camera, learnt: null });
		expect(answered(camera, film, [{ light, settings, judged }])).toEqual({ camera, learnt: null });
		expect(answered(camera, film, [{ light, settings, judged, flash: true }])).toEqual({
			camera,
			learnt: null
		});
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

describe('how a person reads', () => {
	const rows: [body: string, way: string, residual: number][] = [
		['box', 'soft', -0.5],
		['wedge', 'soft', -0.4],
		['box', 'soft', -0.6],
		['wedge', 'sharp', 0.1],
		['box', 'sharp', 0],
		['wedge', 'sharp', 0.2],
		['box', 'sun', 0.3],
		['box', 'sun', 0.1]
	];
	const read = rows.map(([body, way, residual]) => ({ body, way, residual, sd: 0.35 }));

	// Source: the same regression by a library: a reading that runs too bright makes frames darker.
	it('is told apart from the bodies, of ways with three frames', () => {
		const [bodies, ways] = [
			['box', 'wedge'],
			['sharp', 'soft', 'sun']
		];
		const x = rows.map(([body, way]) => [
			...bodies.map((each) => Number(each === body)),
			...ways.map((each) => -Number(each === way))
		]);
		const found = regressed(
			x,
			rows.map(([, , residual]) => residual),
			rows.map(() => 0.35),
			[0.3, 0.3, 0.4, 0.4, 0.4]
		);
		expect(readingHabits(read)).toEqual([
			{
				way: 'sharp',
				stops: expect.closeTo(found[2].mean, 9),
				sd: expect.closeTo(found[2].sd, 9),
				frames: 3
			},
			{ way: 'soft', stops: expect.closeTo(found[3].mean, 9), sd: expect.closeTo(found[3].sd, 9), frames: 3 }
		]);
		expect(readingHabits([])).toEqual([]);
	});

	it('leaves a wild frame out', () => {
		const wild = { body: 'box', way: 'soft', residual: 4, sd: 0.35 };
		expect(readingHabits([...read, wild])).toEqual(readingHabits(read));
	});
});
