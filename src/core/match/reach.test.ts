import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { anyCameras, evs, films } from '../../../tests/fixtures/arbitraries';
import { colourNegative400, fixedCamera, rangedCamera, steppedCamera } from '../../../tests/fixtures/bag';
import { union, type Interval } from './intervals';
import { bestOutcome, reach } from '.';

const inside = (intervals: readonly Interval[], ev: number, slack = 0) =>
	intervals.some(([from, to]) => ev >= from - slack && ev <= to + slack);

describe('the light in which a camera works', () => {
	// Source: hand arithmetic: log2(121·100) − 2 = 11.56 is right; colour negative holds −½ … +2 and −1 … +3.
	it('is right light plus latitude for one setting', () => {
		const { good, usable } = reach(fixedCamera(), colourNegative400);
		expect(good[0][0]).toBeCloseTo(11.06, 2);
		expect(good[0][1]).toBeCloseTo(13.56, 2);
		expect(usable[0][0]).toBeCloseTo(10.56, 2);
		expect(usable[0][1]).toBeCloseTo(14.56, 2);
	});

	it('has a lane for each setting, and one for a ring that turns freely', () => {
		expect(reach(steppedCamera(), colourNegative400).lanes).toHaveLength(24);
		const [ring] = reach(rangedCamera(), colourNegative400).lanes;
		expect(ring.settings.f).toEqual([2.7, 22]);
	});

	it('moves by the stops of a filter', () => {
		const bare = reach(fixedCamera(), colourNegative400).good[0];
		const filters = [{ name: 'ND 0.9', stops: 3 }];
		const dark = reach(fixedCamera(), colourNegative400, { filters }).good[0];
		expect(dark[0] - bare[0]).toBeCloseTo(3, 9);
		expect(dark[1] - bare[1]).toBeCloseTo(3, 9);
	});
});

describe('reach and match agree', () => {
	const verdictAt = (
		camera: Parameters<typeof bestOutcome>[0],
		film: Parameters<typeof bestOutcome>[1],
		ev: number
	) => bestOutcome(camera, film, { ev }).verdict;

	it('at random lights', () => {
		fc.assert(
			fc.property(anyCameras, films, evs, (camera, film, ev) => {
				const { good, usable } = reach(camera, film);
				const verdict = verdictAt(camera, film, ev);
				if (verdict === 'just-enough') expect(inside(good, ev, 1e-6)).toBe(true);
				else expect(inside(good, ev, -1e-6)).toBe(false);
				if (verdict === 'usable') expect(inside(usable, ev, 1e-6)).toBe(true);
				if (verdict === 'too-dark' || verdict === 'too-light') expect(inside(usable, ev, -1e-6)).toBe(false);
			})
		);
	});

	it('just inside and just outside every end', () => {
		const HAIR = 1e-4;
		fc.assert(
			fc.property(anyCameras, films, (camera, film) => {
				const { good, usable } = reach(camera, film);
				for (const [from, to] of good) {
					expect(verdictAt(camera, film, from + HAIR)).toBe('just-enough');
					expect(verdictAt(camera, film, to - HAIR)).toBe('just-enough');
					for (const outside of [from - HAIR, to + HAIR].filter((ev) => !inside(good, ev))) {
						expect(verdictAt(camera, film, outside)).not.toBe('just-enough');
					}
				}
				for (const [from, to] of usable) {
					expect(['just-enough', 'usable']).toContain(verdictAt(camera, film, from + HAIR));
					expect(['just-enough', 'usable']).toContain(verdictAt(camera, film, to - HAIR));
					for (const outside of [from - HAIR, to + HAIR].filter((ev) => !inside(usable, ev))) {
						expect(['too-dark', 'too-light']).toContain(verdictAt(camera, film, outside));
					}
				}
			})
		);
	});

	it('also where two ends of a shutter lie nearer than numbers can tell', () => {
		const camera = rangedCamera({
			shutter: { kind: 'range', fastest: 0.016666666666666663, slowest: 1.0000000000000018 },
			aperture: { kind: 'range', widest: 1, smallest: 1.4142135623730951 },
			exposure: { mode: 'auto', sets: 'aperture', iso: [50], meterBehindFilter: false, scatter: 0 },
			offset: { stops: 0, sd: 0.3 }
		});
		const film = {
			name: 'Any',
			type: 'colour-negative' as const,
			iso: 35.355339034820936,
			processStops: 0,
			reciprocity: { from: 1, exponent: 1.3190354659556225 }
		};
		const { good, usable } = reach(camera, film);
		for (const [from, to] of [...good, ...usable]) {
			expect(from).toBeLessThan(to);
			expect(Math.abs(from)).toBeLessThan(20);
			expect(['just-enough', 'usable']).toContain(verdictAt(camera, film, from + 1e-4));
		}
	});

	it('exactly at the ends, which count as inside', () => {
		const { good } = reach(fixedCamera(), colourNegative400);
		for (const end of good[0]) expect(verdictAt(fixedCamera(), colourNegative400, end)).toBe('just-enough');
	});
});

describe('union of intervals', () => {
	it('joins what touches and keeps the rest apart, in order', () => {
		expect(
			union([
				[3, 4],
				[0, 1],
				[1, 2]
			])
		).toEqual([
			[0, 2],
			[3, 4]
		]);
	});

	it('covers what its parts cover and nothing else', () => {
		const parts = fc.array(
			fc
				.tuple(fc.integer({ min: -90, max: 90 }), fc.nat(30))
				.map(([from, length]): Interval => [from / 10, (from + length) / 10])
		);
		fc.assert(
			fc.property(parts, fc.integer({ min: -1000, max: 1300 }), (intervals, hundredths) => {
				const point = hundredths / 100;
				expect(inside(union(intervals), point)).toBe(inside(intervals, point));
			})
		);
	});
});
