import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { grey, simulated, taughtOf, unjudged } from '../../../tests/fixtures/replayed';
import { draws } from '../../../tests/fixtures/few';
import { filmOf, fixedCamera, losesNothing } from '../../../tests/fixtures/bag';
import type { Light } from '../light';
import { otherwise, relive, replay, type LoggedFrame, type Making, type Otherwise } from '.';

/** Whole numbers of frames within which a count is said to lie. */
const within = ({ from, to }: { from: number; to: number }, count: number) =>
	count >= Math.floor(from) && count <= Math.ceil(to);

const run = (at: number) => (at + 0.5) / 977;

/**
 * Against whole simulations with known truth: the test makes frames by its own arithmetic, with a body, films, packs,
 * a judge and a way of reading drawn from what is usual, and then makes the very same frames again with a filter.
 */
describe('frames replayed with a filter', () => {
	it.each([
		['eye', 0, 40],
		['eye', -1, 12],
		['hand', 0, 60]
	] as const)('by %s, wheel %s: the truth lies in nine tenths', (kind, wheel, runs) => {
		let [covered, coveredThen] = [0, 0];
		for (let at = 0; at < runs; at++) {
			const log = simulated(run(at), 24, kind, wheel);
			const { then, difference } = replay(relive(taughtOf(log), log.frames), (frame) =>
				otherwise(frame, { filters: [grey(1)] })
			);
			if (within(difference, log.good(1) - log.good(0))) covered++;
			if (within(then, log.good(0))) coveredThen++;
		}
		// Two standard deviations below nine in ten, for so many runs.
		const least = 0.9 - 2 * Math.sqrt(0.09 / runs);
		expect(covered / runs).toBeGreaterThanOrEqual(least);
		expect(coveredThen / runs).toBeGreaterThanOrEqual(least);
	});

	it('are much surer by how each was judged than by what was expected of it', () => {
		const widths = (judged: boolean) =>
			Array.from({ length: 8 }, (_, at) => {
				const log = simulated(run(100 + at), 24, 'eye');
				const frames = judged ? log.frames : unjudged(log.frames);
				const { from, to } = replay(relive(taughtOf(log, judged), frames), (frame) =>
					otherwise(frame, { filters: [grey(1)] })
				).difference;
				return to - from;
			}).reduce((sum, width) => sum + width, 0);
		expect(widths(true)).toBeLessThan(widths(false) / 2);
	});
});

const LIGHT = { method: 'eye', ev: 12, sd: 0.5 } as const;
const NARROW = filmOf('instant', 400, { ...losesNothing, latitude: { good: [-0.5, 0.5], usable: [-1, 1] } });

/** A box at f/11 and 1/100 s whose frame came out so many stops too light. */
function boxed(id: string, stops: number, changes: Partial<Making> = {}): LoggedFrame {
	const camera = fixedCamera();
	return {
		id,
		way: 'by eye',
		takenAt: '2026-05-01T10:00:00Z',
		making: {
			...{ camera, film: NARROW, light: LIGHT, intent: {} },
			settings: { f: 11, seconds: 1 / 100 },
			of: { camera: 'body', film: 'film', load: 'pack' },
			...changes
		},
		judged: { stops, sd: 0.1 }
	};
}
const taughtBy = (frames: LoggedFrame[]) =>
	taughtOf({ frames, good: () => 0, cameras: { body: fixedCamera() }, films: { film: NARROW } });
const replayed = (frames: LoggedFrame[], change: Otherwise) =>
	replay(relive(taughtBy(frames), frames), (frame) => otherwise(frame, change));

describe('a frame replayed', () => {
	it('is as it was where nothing is changed', () => {
		const frames = [boxed('a', 0), boxed('b', 1.5)];
		const { frames: all, difference } = replay(relive(taughtBy(frames), frames), () => null);
		for (const { then, now, onlyThen, onlyNow } of all) {
			expect(now).toEqual(then);
			expect([onlyThen, onlyNow]).toEqual([0, 0]);
		}
		expect(difference).toEqual({ mean: 0, from: 0, to: 0 });
	});

	// By hand: judged 2 ± 0.1 too light; a stop darker, it is 1 too light: lost for good, at the end of usable.
	it('moves by the stops of what is changed, and no further', () => {
		const frames = Array.from({ length: 6 }, (_, at) => boxed(`${at}`, 2));
		for (const [change, by] of [
			[{ filters: [grey(2)] }, -2],
			[{ film: { ...NARROW, id: 'film', iso: 100 } }, -2],
			[{ development: -1 }, -1]
		] as const) {
			for (const { then, now } of replayed(frames, change as Otherwise).frames) {
				expect(then.error).toBeCloseTo(2, 0);
				expect(now.error - then.error).toBeCloseTo(by, 0);
			}
		}
		expect(replayed(frames, { filters: [grey(2)] }).difference.mean).toBeGreaterThan(5.5);
	});

	// By hand: at f/11 and ISO 400 the meter's EV 12 asks for 1/125 s, the eye's 14 for 1/500, and both together, as sure as
	// each other, for the 1/250 that was set.
	it('is set by one of its readings alone, in the light that it was', () => {
		const readings: Light[] = [
			{ method: 'meter', kind: 'incident', iso: 100, ev: 12, sd: 0.3 },
			{ method: 'eye', ev: 14, sd: 0.3 }
		];
		const camera = fixedCamera({
			shutter: { kind: 'speeds', seconds: [1 / 60, 1 / 125, 1 / 250, 1 / 500, 1 / 1000] }
		});
		const light: Light = { method: 'combined', readings };
		const frame = boxed('a', 0, { camera, light, settings: { f: 11, seconds: 1 / 250 } });
		for (const [reading, by] of [
			['meter', 1],
			['eye', -1]
		] as const) {
			const [{ then, now }] = replayed([frame], { reading }).frames;
			expect(then.error).toBeCloseTo(0, 0);
			expect(now.error - then.error).toBeCloseTo(by, 1);
		}
		// No picture was measured, and a light that was read once has no other reading.
		expect(replayed([frame], { reading: 'photo' }).unchanged).toBe(1);
		expect(replayed([boxed('b', 0)], { reading: 'eye' }).unchanged).toBe(1);
	});

	it('keeps what spoiled it, and is spoiled by a time that no hand holds', () => {
		const blurred = { ...boxed('a', 2), spoiled: true };
		const [first] = replayed([blurred], { filters: [grey(2)] }).frames;
		expect(first).toMatchObject({ both: 0, onlyNow: 0, neither: 1 });
		const slow = fixedCamera({
			shutter: { kind: 'fixed', seconds: 1 / 4 },
			aperture: { kind: 'fixed', f: 45 }
		});
		const [held] = replayed([boxed('b', 0)], { camera: { ...slow, id: 'body' } }).frames;
		expect(held.now.good).toBe(0);
		expect(held.onlyThen).toBeGreaterThan(0.95);
	});

	it('is left as it was by what cannot be done: no wheel, or film that does not go in', () => {
		const frames = [boxed('a', 0)];
		expect(replayed(frames, { compensation: -1 }).unchanged).toBe(1);
		const roll = { ...fixedCamera({ format: '120' }), id: 'other' };
		const packed = boxed('a', 0, { film: { ...NARROW, format: 'instant wide' } });
		expect(replayed([packed], { camera: roll }).unchanged).toBe(1);
	});

	it('comes out in one of four ways, and never as no number', () => {
		fc.assert(
			fc.property(
				fc.array(fc.double({ min: -4, max: 4, noNaN: true }), { minLength: 1, maxLength: 6 }),
				fc.double({ min: 0, max: 4, noNaN: true }),
				(errors, stops) => {
					const frames = errors.map((error, at) => boxed(`${at}`, error));
					const { frames: all, then, now, difference } = replayed(frames, { filters: [grey(stops)] });
					for (const { both, onlyThen, onlyNow, neither, then: was } of all) {
						expect(both + onlyThen + onlyNow + neither).toBeCloseTo(1, 9);
						expect(both + onlyThen).toBeCloseTo(was.good, 9);
					}
					expect(now.mean - then.mean).toBeCloseTo(difference.mean, 9);
					for (const { from, mean, to } of [then, now, difference]) {
						expect(from).toBeLessThanOrEqual(mean + 1e-9);
						expect(to).toBeGreaterThanOrEqual(mean - 1e-9);
					}
				}
			),
			{ numRuns: draws(20) }
		);
	});
});
