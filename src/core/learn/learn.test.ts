import fc from 'fast-check';
import { draws } from '../../../tests/fixtures/few';
import { randomLcg, randomNormal, randomUniform } from 'd3-random';
import { Matrix, inverse } from 'ml-matrix';
import { describe, expect, it } from 'vitest';
import { brierScore, learn, monthsOf, posterior, promiseBins, standings, type JudgedFrame } from '.';

const NINE_IN_TEN = 1.645;
const frame = (judged: number, more: Partial<JudgedFrame> = {}): JudgedFrame => ({
	predicted: 0,
	judged,
	sd: 0.4,
	...more
});

/** Bayesian regression by the normal equations, solved by a library: (XᵀWX + P⁻¹)⁻¹ XᵀWy. */
function regressed(rows: number[][], y: number[], priors: number[], sd: number) {
	const x = new Matrix(rows);
	const weights = Matrix.diag(y.map(() => 1 / sd ** 2));
	const precision = Matrix.diag(priors.map((each) => 1 / each ** 2));
	const covariance = inverse(Matrix.add(x.transpose().mmul(weights).mmul(x), precision));
	const mean = covariance.mmul(x.transpose()).mmul(weights).mmul(Matrix.columnVector(y));
	return priors.map((_, at) => ({ mean: mean.get(at, 0), sd: Math.sqrt(covariance.get(at, at)) }));
}

describe('what judged frames teach of a body', () => {
	const measured = { stops: 0, sd: 0.3, wide: null };

	it('is about the conjugate normal posterior, worked by hand', () => {
		// Source: conjugate normal with known variance: precision 1/0.3² + 4/0.4² = 11.111 + 25 = 36.111, so sd 0.166;
		// mean 12.5/36.111 = 0.346. Frames that lie closer than their doubt are trusted a little more: (10 + 0.9)/14.
		const { stops, sd, frames, outliers } = learn(
			measured,
			[0.6, 0.3, 0.6, 0.5].map((each) => frame(each))
		);
		expect(stops).toBeCloseTo(0.36, 1);
		expect(sd).toBeGreaterThan(0.145);
		expect(sd).toBeLessThan(0.17);
		expect([frames, outliers]).toEqual([4, []]);
	});

	it('finds the truth of 200 simulated bodies with noise and wild frames', () => {
		const source = randomLcg(0.618);
		const [normal, uniform] = [randomNormal.source(source)(0, 1), randomUniform.source(source)(0, 1)];
		let [inside, missed] = [0, 0];
		for (let body = 0; body < 200; body++) {
			const truth = 0.7 * normal();
			const frames = Array.from({ length: 12 }, () => {
				const predicted = normal();
				const wild = uniform() < 0.05 ? (uniform() < 0.5 ? -1 : 1) * (2 + uniform()) : 0;
				return { predicted, judged: predicted + truth + 0.35 * normal() + wild, sd: 0.35 };
			});
			const { stops, sd } = learn({ stops: 0, sd: 0.7, wide: null }, frames);
			missed += Math.abs(stops - truth) / 200;
			if (Math.abs(stops - truth) < NINE_IN_TEN * sd) inside += 1;
		}
		expect(inside / 200).toBeGreaterThanOrEqual(0.85);
		expect(inside / 200).toBeLessThanOrEqual(0.95);
		expect(missed).toBeLessThan(0.15);
	});

	it('names a wild frame, and a frame at a limit says nothing of it', () => {
		const steady = [-0.5, -0.4, -0.6, -0.5, -0.4].map((each) => frame(each));
		const learnt = learn(measured, [...steady, frame(3), frame(2, { clamped: true })]);
		expect(learnt.outliers).toEqual([5]);
		expect(learnt.frames).toBe(5);
		expect(learnt.stops).toBeCloseTo(learn(measured, steady).stops, 1);
		const alone = learn(measured, [frame(2, { clamped: true })]);
		expect([alone.stops, alone.frames]).toEqual([0, 0]);
		expect(alone.sd).toBeCloseTo(0.3, 9);
	});

	it('tells marks apart and what the wheel really does', () => {
		const frames = [
			...[1, 2, 3, 4, 5, 6].map(() => frame(0.4, { setting: 'f/8', sd: 0.2 })),
			...[1, 2, 3, 4, 5, 6].map(() => frame(-0.2, { setting: 'f/16', sd: 0.2 }))
		];
		const [wide, narrow] = learn(measured, frames).bySetting.toSorted((a, b) => b.stops - a.stops);
		expect([wide.setting, narrow.setting]).toEqual(['f/8', 'f/16']);
		expect(wide.stops - narrow.stops).toBeGreaterThan(0.4);
		expect([wide.frames, narrow.frames]).toEqual([6, 6]);
		expect(learn(measured, frames.slice(0, 7)).bySetting).toEqual([]);
		const wheel = [-1, -1, -1, 1, 1, 1].map((compensation) =>
			frame(0.5 * compensation, { predicted: compensation, compensation, sd: 0.2 })
		);
		// A wheel that does half of what it says.
		expect(learn(measured, wheel).wheel!.gain).toBeCloseTo(0.55, 1);
		expect(learn(measured, wheel.slice(3)).wheel).toBeNull();
	});

	// Source: Bayesian linear regression, solved by a library; prior doubts are those of common practice.
	it('is told apart as a regression tells it', () => {
		const y = [0.4, 0.5, -0.1, 0, 0.45, -0.2];
		const packs = ['b', 'b', 'a', 'a', 'b', 'a'];
		const marks = ['f/8', 'f/11', 'f/8', 'f/11', 'f/11', 'f/8'];
		const wheel = [0, 1, 0, -1, 0, 1];
		const is = (names: string[], name: string) => names.map((each) => Number(each === name));
		const learnt = learn(
			{ stops: 0, sd: 0.5, wide: null },
			y.map((each, at) => frame(each, { sd: 0.3, pack: packs[at], setting: marks[at], wheel: wheel[at] }))
		);
		const columns = [
			y.map(() => 1),
			is(marks, 'f/11'),
			is(marks, 'f/8'),
			is(packs, 'a'),
			is(packs, 'b'),
			wheel
		];
		const found = regressed(
			y.map((_, at) => columns.map((column) => column[at])),
			y,
			[0.5, 0.2, 0.2, 0.15, 0.15, 0.25],
			0.3
		);
		const near = ({ mean, sd }: { mean: number; sd: number }) => ({
			stops: expect.closeTo(mean, 1),
			sd: expect.closeTo(sd, 1)
		});
		expect(learnt).toMatchObject(near(found[0]));
		expect(learnt.bySetting).toMatchObject([
			{ setting: 'f/11', ...near(found[1]), frames: 3 },
			{ setting: 'f/8', ...near(found[2]), frames: 3 }
		]);
		expect(learnt.wheel!.gain).toBeCloseTo(1 + found[5].mean, 1);
	});

	it('shares what frames say with the film and the way of reading that they name', () => {
		const frames = Array.from({ length: 12 }, () => frame(-0.6, { film: 'Wrack 640', way: 'soft edge' }));
		const learnt = learn(measured, frames);
		const [film] = learnt.films;
		const [way] = learnt.ways;
		// By hand: −0.6 of body (0.3), film (0.3) and way (0.4) goes by their variances, 9 : 9 : 16; the sum is known best.
		expect(learnt.stops / film.stops).toBeCloseTo(1, 1);
		expect(way.stops / -film.stops).toBeCloseTo(16 / 9, 1);
		expect(learnt.learnt.stops).toBeCloseTo(-0.57, 1);
		expect(learnt.learnt.sd).toBeLessThan(learnt.sd / 2);
		expect(
			learn(
				measured,
				frames.map((each) => ({ ...each, gamma: 0 }))
			).ways[0].stops
		).toBe(0);
	});

	const anyFrame = fc.record({
		predicted: fc.double({ min: -3, max: 3, noNaN: true }),
		judged: fc.double({ min: -3, max: 3, noNaN: true }),
		sd: fc.double({ min: 0.1, max: 1, noNaN: true }),
		setting: fc.option(fc.constantFrom('f/8', 'f/16'), { nil: undefined }),
		compensation: fc.option(fc.constantFrom(-1, 0, 1), { nil: undefined }),
		pack: fc.option(fc.constantFrom('a', 'b'), { nil: undefined }),
		film: fc.option(fc.constantFrom('Wrack 640', 'Silt 100'), { nil: undefined }),
		takenAt: fc.constantFrom(undefined, '2026-05-02T10:00:00Z', '2027-01-02T10:00:00+05:00'),
		clamped: fc.boolean()
	});

	it('does not depend on the order of the frames, and is never no number', () => {
		fc.assert(
			fc.property(fc.array(anyFrame, { maxLength: 12 }), (frames) => {
				const [here, there] = [frames, frames.toReversed()].map((each) =>
					learn({ stops: 0.1, sd: 0.4 }, each)
				);
				expect(Math.abs(there.stops - here.stops)).toBeLessThan(0.01);
				expect(Math.abs(there.sd - here.sd)).toBeLessThan(0.01);
				for (const { stops, sd } of [here, ...here.bySetting, ...here.films]) {
					expect(Number.isFinite(stops) && sd > 0).toBe(true);
				}
			}),
			{ numRuns: draws(100) }
		);
	});
});

describe('whether the program is honest', () => {
	const promised = (chance: number, cameOut: boolean, takenAt: number, cost?: number) => ({
		promised: chance,
		cameOut,
		takenAt,
		cost
	});

	it('is told by what came out of what was promised alike', () => {
		const bins = promiseBins([
			...Array.from({ length: 10 }, (_, at) => promised(0.85, at < 8, at)),
			promised(0.1, false, 20)
		]);
		expect(bins.map(({ frames }) => frames)).toEqual([1, 10]);
		expect(bins[1].cameOut).toBeCloseTo(0.8, 9);
		// Source: Wilson's interval for 8 of 10 at 90 %, as published calculators give it (from memory): 0.541 … 0.931.
		expect(bins[1].interval[0]).toBeCloseTo(0.541, 2);
		expect(bins[1].interval[1]).toBeCloseTo(0.931, 2);
	});

	// By definition: mean squares; Murphy's parts add up to it where promises alike are taken together.
	it('is one number, beside one who knows nothing of a frame', () => {
		const frames = [
			...Array.from({ length: 8 }, (_, at) => promised(0.9, at !== 0, at)),
			...Array.from({ length: 4 }, (_, at) => promised(0.25, at === 0, at))
		];
		const { brier, unskilled, skill, parts } = brierScore(frames);
		// By hand: 7·0.01 + 0.81 + 0.5625 + 3·0.0625 of 12; 8 of 12 came out.
		expect(brier).toBeCloseTo((0.07 + 0.81 + 0.5625 + 0.1875) / 12, 9);
		expect(unskilled).toBeCloseTo((8 / 12) * (4 / 12), 9);
		expect(parts.reliability - parts.resolution + parts.uncertainty).toBeCloseTo(brier, 9);
		expect(skill!.part).toBeCloseTo(1 - brier / unskilled, 9);
		expect(skill!.sd).toBeGreaterThan(0.1);
		expect(brierScore([promised(0.9, true, 1)]).skill).toBeNull();
	});

	it('adds up for any prediction', () => {
		const any = fc.record({ promised: fc.constantFrom(0, 0.2, 0.5, 0.9, 1), cameOut: fc.boolean() });
		fc.assert(
			fc.property(fc.array(any, { minLength: 1, maxLength: 40 }), (frames) => {
				const { brier, parts } = brierScore(frames);
				expect(parts.reliability - parts.resolution + parts.uncertainty).toBeCloseTo(brier, 9);
			})
		);
	});

	// By hand: in May 2 of 3 came out of 6 paid; in June one did, and what it cost is not known; in July none.
	it('counts what a keeper has cost in each month', () => {
		const inMonth = (month: string, cameOut: boolean, cost?: number) => ({
			...promised(0.9, cameOut, 1, cost),
			month
		});
		expect(
			monthsOf([
				inMonth('2026-05', true, 2),
				inMonth('2026-07', false, 2),
				inMonth('2026-05', false, 2),
				inMonth('2026-06', true),
				inMonth('2026-05', true, 2)
			])
		).toEqual([
			{ month: '2026-07', frames: 1, cameOut: 0, costPerKeeper: null },
			{ month: '2026-06', frames: 1, cameOut: 1, costPerKeeper: null },
			{ month: '2026-05', frames: 3, cameOut: 2, costPerKeeper: 3 }
		]);
	});

	it('counts what a keeper has cost', () => {
		const [, , last] = standings([
			promised(0.9, true, 1, 2),
			promised(0.9, false, 2, 2),
			promised(0.9, true, 3, 2)
		]);
		expect(last.rate).toBeCloseTo(2 / 3, 9);
		expect(last.costPerKeeper).toBe(3);
	});
});

describe('Bayes’ rule for a linear model', () => {
	it('gives back the prior where nothing was seen', () => {
		expect(posterior([], [{ mean: 0.2, sd: 0.5 }])[0].mean).toBeCloseTo(0.2, 12);
		expect(posterior([], [{ mean: 0.2, sd: 0.5 }])[0].sd).toBeCloseTo(0.5, 12);
	});
});
