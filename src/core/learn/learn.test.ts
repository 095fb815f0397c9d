import fc from 'fast-check';
import { draws } from '../../../tests/fixtures/few';
import { randomLcg, randomNormal, randomUniform } from 'd3-random';
import { describe, expect, it } from 'vitest';
import { saidByOthers } from './bayes';
import { learn, posterior, promiseBins, readingHabits, standings, type JudgedFrame } from '.';

const NINE_IN_TEN = 1.645;
const frame = (judged: number, more: Partial<JudgedFrame> = {}): JudgedFrame => ({
	predicted: 0,
	judged,
	sd: 0.4,
	...more
});

describe('what judged frames teach of a body', () => {
	it('is the conjugate normal posterior, worked by hand', () => {
		// Source: conjugate normal with known variance: precision 1/0.3² + 4/0.4² = 11.111 + 25 = 36.111, so sd 0.16641;
		// mean (0 + (0.6 + 0.3 + 0.6 + 0.5)/0.16) / 36.111 = 12.5/36.111 = 0.34615.
		const { stops, sd, frames, outliers, contradict } = learn(
			{ stops: 0, sd: 0.3 },
			[0.6, 0.3, 0.6, 0.5].map((each) => frame(each))
		);
		expect(stops).toBeCloseTo(0.34615, 5);
		expect(sd).toBeCloseTo(0.16641, 5);
		expect([frames, outliers, contradict]).toEqual([4, [], false]);
	});

	it('is what summing Bayes’ rule over a fine grid gives', () => {
		// An independent numeric integration: prior times likelihood at 20,001 places.
		const prior = { stops: -0.2, sd: 0.7 };
		const seen = [
			{ predicted: 0.5, judged: 0, sd: 0.3 },
			{ predicted: -0.3, judged: -0.4, sd: 0.5 },
			{ predicted: 0, judged: -0.5, sd: 0.45 }
		];
		let [weight, mean, square] = [0, 0, 0];
		for (let at = -10_000; at <= 10_000; at++) {
			const b = at / 2500;
			const likelihood = seen.reduce(
				(product, { predicted, judged, sd }) =>
					product * Math.exp(-(((judged - predicted - b) / sd) ** 2) / 2),
				Math.exp(-(((b - prior.stops) / prior.sd) ** 2) / 2)
			);
			weight += likelihood;
			mean += likelihood * b;
			square += likelihood * b * b;
		}
		const learnt = learn(prior, seen);
		expect(learnt.stops).toBeCloseTo(mean / weight, 4);
		expect(learnt.sd).toBeCloseTo(Math.sqrt(square / weight - (mean / weight) ** 2), 4);
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
			const { stops, sd } = learn({ stops: 0, sd: 0.7 }, frames);
			missed += Math.abs(stops - truth) / 200;
			if (Math.abs(stops - truth) < NINE_IN_TEN * sd) inside += 1;
		}
		expect(inside / 200).toBeGreaterThanOrEqual(0.85);
		expect(inside / 200).toBeLessThanOrEqual(0.95);
		expect(missed).toBeLessThan(0.15);
	});

	it('names a wild frame, and a frame at a limit says nothing', () => {
		const steady = [-0.5, -0.4, -0.6, -0.5, -0.4].map((each) => frame(each));
		const learnt = learn({ stops: 0, sd: 0.3 }, [...steady, frame(3), frame(2, { clamped: true })]);
		expect(learnt.outliers).toEqual([5]);
		expect(learnt.frames).toBe(5);
		expect(learnt.stops).toBeCloseTo(learn({ stops: 0, sd: 0.3 }, steady).stops, 9);
	});

	it('tells marks apart and what the wheel really does', () => {
		const frames = [
			...[1, 2, 3, 4, 5, 6].map(() => frame(0.4, { setting: 'f/8', sd: 0.2 })),
			...[1, 2, 3, 4, 5, 6].map(() => frame(-0.2, { setting: 'f/16', sd: 0.2 }))
		];
		const [wide, narrow] = learn({ stops: 0, sd: 0.3 }, frames).bySetting.toSorted(
			(a, b) => b.stops - a.stops
		);
		expect([wide.setting, narrow.setting]).toEqual(['f/8', 'f/16']);
		expect(wide.stops - narrow.stops).toBeGreaterThan(0.4);
		expect(learn({ stops: 0, sd: 0.3 }, frames.slice(0, 7)).bySetting).toEqual([]);
		const wheel = [-1, -1, -1, 1, 1, 1].map((compensation) =>
			frame(0.5 * compensation, { predicted: compensation, compensation, sd: 0.2 })
		);
		// A wheel that does half of what it says.
		expect(learn({ stops: 0, sd: 0.3 }, wheel).wheel!.gain).toBeCloseTo(0.56, 1);
	});

	const anyFrame = fc.record({
		predicted: fc.double({ min: -3, max: 3, noNaN: true }),
		judged: fc.double({ min: -3, max: 3, noNaN: true }),
		sd: fc.double({ min: 0.1, max: 1, noNaN: true }),
		setting: fc.option(fc.constantFrom('f/8', 'f/16'), { nil: undefined }),
		compensation: fc.option(fc.constantFrom(-1, 0, 1), { nil: undefined }),
		pack: fc.option(fc.constantFrom('a', 'b'), { nil: undefined }),
		clamped: fc.boolean()
	});

	it('does not depend on the order of the frames, and is never no number', () => {
		fc.assert(
			fc.property(fc.array(anyFrame, { maxLength: 12 }), fc.integer(), (frames, seed) => {
				const order = randomUniform.source(randomLcg(seed))(0, 1);
				const shuffled = frames
					.map((each) => ({ each, key: order() }))
					.sort((a, b) => a.key - b.key)
					.map(({ each }) => each);
				const [here, there] = [frames, shuffled].map((each) => learn({ stops: 0.1, sd: 0.4 }, each));
				expect(there.stops).toBeCloseTo(here.stops, 6);
				expect(there.sd).toBeCloseTo(here.sd, 6);
				for (const { stops, sd } of [here, ...here.bySetting]) {
					expect(Number.isFinite(stops) && sd > 0).toBe(true);
				}
			}),
			{ numRuns: draws(200) }
		);
	});

	it('never knows less by one more frame, unless frames contradict', () => {
		fc.assert(
			fc.property(fc.array(anyFrame, { minLength: 1, maxLength: 10 }), (frames) => {
				const plain = frames.map(({ predicted, judged, sd }) => ({ predicted, judged, sd }));
				const [fewer, more] = [plain.slice(0, -1), plain].map((each) => learn({ stops: 0, sd: 0.3 }, each));
				fc.pre(!more.contradict && more.outliers.length === 0);
				expect(more.sd).toBeLessThanOrEqual(fewer.sd + 1e-12);
			}),
			// Frames that contradict are another matter; two hundred sets that do not are really looked at.
			{ numRuns: draws(200), maxSkipsPerRun: 1 }
		);
	});
});

describe('how a person reads the light', () => {
	it('is told from the bodies', () => {
		const habits = readingHabits(
			['Tin Box', 'Pebble', 'Paddle 66', 'Sweep'].flatMap((body) => [
				{ body, way: 'soft edge', residual: -0.5, sd: 0.3 },
				{ body, way: 'soft edge', residual: -0.4, sd: 0.3 },
				{ body, way: 'meter', residual: 0, sd: 0.3 },
				{ body, way: 'meter', residual: 0.1, sd: 0.3 }
			])
		);
		const of = (way: string) => habits.find((each) => each.way === way)!;
		expect(of('soft edge').stops - of('meter').stops).toBeGreaterThan(0.3);
		expect(of('soft edge').frames).toBe(8);
		expect(readingHabits([])).toEqual([]);
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

describe('what all the others say of a frame', () => {
	const anySeen = fc.array(
		fc.record({
			x: fc.tuple(fc.constant(1), fc.integer({ min: -1, max: 1 })),
			y: fc.double({ min: -3, max: 3, noNaN: true }),
			sd: fc.double({ min: 0.2, max: 1, noNaN: true })
		}),
		{ minLength: 2, maxLength: 8 }
	);
	const priors = [
		{ mean: 0.1, sd: 0.5 },
		{ mean: 0, sd: 0.3 }
	];

	it('is what learning from the others alone says, for one unknown and for two', () => {
		fc.assert(
			fc.property(anySeen, (seen) => {
				saidByOthers(seen, priors).forEach((said, at) => {
					const others = seen.filter((_, index) => index !== at);
					// The long way: a new unknown that is x·θ, seen very surely by no one, from the others' posterior.
					const [a, b] = posterior(others, priors);
					const [x1, x2] = seen[at].x;
					expect(said.mean).toBeCloseTo(a.mean * x1 + b.mean * x2, 6);
					expect(said.sd).toBeGreaterThan(0);
					if (x2 === 0) expect(said.sd).toBeCloseTo(a.sd, 6);
				});
			})
		);
	});
});
