import cdf from '@stdlib/stats-base-dists-normal-cdf';
import { randomLcg, randomNormal } from 'd3-random';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { real } from '../../../tests/fixtures/arbitraries';
import { foldingInstant } from '../../../tests/fixtures/automatic';
import { filmOf, fixedCamera, losesNothing } from '../../../tests/fixtures/bag';
import { asOne, bestOutcome, match, outcomeAt, reach, withLearnt, type Learnt } from '.';

const film = filmOf('instant', 160, losesNothing);
const inside = ([from, to]: readonly [number, number], mean: number, sd: number) =>
	cdf(to, mean, sd) - cdf(from, mean, sd);
const GOOD = [-1 / 3, 1 / 3] as const;

describe('a promise with what was learnt', () => {
	// By hand: f/11 at 1/100 s is EV 13.56; ISO 160 adds 0.678; with +0.2 learnt the error at EV 12.7 is 0.018.
	it('is of the sum: it takes the place of offset and film doubt', () => {
		const known = withLearnt(fixedCamera(), film, { stops: 0.2, sd: 0.12 });
		const light = { ev: 12.7, sd: 0.3 };
		const { error, chances, why } = bestOutcome(known.camera, known.film, light);
		const expected = 12.7 + Math.log2(1.6) - Math.log2(121 * 100) + 0.2;
		expect(error).toBeCloseTo(expected, 9);
		expect(why!.offset).toBeCloseTo(0.2, 9);
		expect(chances.good).toBeCloseTo(inside(GOOD, expected, Math.hypot(0.3, 0.12)), 6);
		expect(match(known.camera, known.film, light).typical).not.toContain('offset');
	});

	it('is of both possibilities where a body may be far off', () => {
		const learnt: Learnt = { stops: 0.2, sd: 0.12, wide: { share: 0.3, sd: 0.5, stops: 1 } };
		const known = withLearnt(fixedCamera(), film, learnt);
		const { error, chances } = bestOutcome(known.camera, known.film, { ev: 12.7, sd: 0.3 });
		const bare = 12.7 + Math.log2(1.6) - Math.log2(121 * 100);
		// Shown is the mean of the two; the chance is 0.7 of the one and 0.3 of the other.
		expect(error).toBeCloseTo(bare + 0.7 * 0.2 + 0.3 * 1, 9);
		const [near, far] = [
			inside(GOOD, bare + 0.2, Math.hypot(0.3, 0.12)),
			inside(GOOD, bare + 1, Math.hypot(0.3, 0.5))
		];
		expect(chances.good).toBeCloseTo(0.7 * near + 0.3 * far, 6);
	});

	it('does not count the way of reading twice', () => {
		const known = withLearnt(fixedCamera(), film, { stops: 0, sd: 0.1, reading: 0.4 });
		const light = { ev: 12.9, sd: 0.5 };
		const { error, chances } = bestOutcome(known.camera, known.film, light);
		// By hand: of a reading's 0.5 a habit of 0.4 leaves 0.3.
		expect(chances.good).toBeCloseTo(inside(GOOD, error, Math.hypot(0.3, 0.1)), 6);
	});

	// Brute force: 20,000 frames of a body u and a film v whose sum is known well and which are not, an eye that scatters,
	// and a limit that holds it.
	it.each([10, 12.4, 12.9, 14])('is what drawing frames gives at EV %s, limit or not', (ev) => {
		const [u, v, both] = [0.3, -0.4, 0.12];
		const [sdV, light] = [0.3, { ev, sd: 0.3 }];
		const learnt: Learnt = { stops: u + v, sd: both, limit: { stops: v, sd: sdV } };
		const body = foldingInstant({ offset: undefined }, { scatter: 0.2 });
		const known = withLearnt(body, film, learnt);
		const asked = { compensation: 0 };
		const { chances } = bestOutcome(known.camera, known.film, light, asked);
		const normal = randomNormal.source(randomLcg(0.5))(0, 1);
		// The eye is built for the film's speed: error = v + max(u + scatter, what the limit leaves).
		const limit = Math.log2(64 * 180) - Math.log2(1.6);
		let hits = 0;
		const FRAMES = 20_000;
		for (let at = 0; at < FRAMES; at++) {
			const film = v + sdV * normal();
			const own = u + v + both * normal() - film;
			const error = film + Math.max(own + 0.2 * normal(), ev + 0.3 * normal() - limit);
			if (error >= GOOD[0] && error <= GOOD[1]) hits += 1;
		}
		expect(Math.abs(chances.good - hits / FRAMES)).toBeLessThan(0.025);
	});

	// By hand: at a wheel of −1 the sum is known to √(0.2² − 2·0.035 + 0.25²) = 0.18, at +1 to 0.415; a stop of it does 0.1 less.
	it('knows the wheel better where it stood', () => {
		const learnt: Learnt = { stops: 0, sd: 0.2, wheel: { stops: -0.1, sd: 0.25, covariance: 0.035 } };
		const body = foldingInstant({ offset: undefined }, { scatter: 0.2 });
		const known = withLearnt(body, film, learnt);
		const at = (compensation: number) =>
			bestOutcome(known.camera, known.film, { ev: 8, sd: 0.3 }, { compensation });
		const promised = (wheel: number, sd: number) => inside(GOOD, 0.9 * wheel, Math.hypot(0.2, sd));
		expect(at(-1).error).toBeCloseTo(-0.9, 9);
		expect(at(-1).chances.good).toBeCloseTo(promised(-1, Math.sqrt(0.0325)), 3);
		expect(at(1).chances.good).toBeCloseTo(promised(1, Math.sqrt(0.1725)), 3);
		expect(at(0).chances.good).toBeCloseTo(promised(0, 0.2), 3);
		expect(asOne(learnt, -1).sd).toBeCloseTo(Math.sqrt(0.0325), 9);
	});

	it('moves the light in which a camera works by as much', () => {
		const known = withLearnt(fixedCamera(), film, { stops: 0.5, sd: 0.1, limit: { stops: 0.3, sd: 0.2 } });
		const [plain, moved] = [
			reach(fixedCamera({ offset: { stops: 0, sd: 0.3 } }), film),
			reach(known.camera, known.film)
		];
		expect(moved.good[0][0]).toBeCloseTo(plain.good[0][0] - 0.5, 9);
	});

	it('adds up: why an error is what it is, whatever was learnt', () => {
		const learnts = fc.record({
			stops: real(-2, 2),
			sd: real(0.05, 1),
			limit: fc.record({ stops: real(-1, 1), sd: real(0, 1) })
		});
		fc.assert(
			fc.property(learnts, real(2, 18), fc.boolean(), (learnt, ev, eye) => {
				const known = withLearnt(eye ? foldingInstant() : fixedCamera(), film, learnt);
				const { why, error } = bestOutcome(known.camera, known.film, { ev, sd: 0.3 });
				expect(Object.values(why!).reduce((sum, part) => sum + part, 0)).toBeCloseTo(error, 9);
			})
		);
	});

	it('goes with the film: another one is promised by the body alone', () => {
		const learnt: Learnt = {
			stops: -1,
			sd: 0.1,
			limit: { stops: -0.7, sd: 0.2 },
			body: { stops: -0.3, sd: 0.25 }
		};
		const known = withLearnt(fixedCamera(), film, learnt);
		const other = { ...film, id: 'other', name: 'Other 640', iso: 640 };
		const light = { ev: 10.8, sd: 0.2 };
		const remedy = match(known.camera, known.film, light, { films: [other] }).remedies.find(({ changes }) =>
			changes.some(({ name }) => name === 'Other 640')
		)!;
		const alone = fixedCamera({ offset: learnt.body });
		expect(remedy.changes).toHaveLength(1);
		const { f, seconds } = remedy.outcome;
		expect(remedy.outcome.error).toBeCloseTo(outcomeAt(alone, other, light, {}, { f, seconds }).error, 9);
	});

	// Source: mean and variance of a mixture by definition.
	it('is shown as one', () => {
		const { stops, sd } = asOne({ stops: 0, sd: 0.3, wide: { share: 0.05, sd: 2 } });
		expect(stops).toBe(0);
		expect(sd).toBeCloseTo(Math.sqrt(0.95 * 0.09 + 0.05 * 4), 9);
	});
});
