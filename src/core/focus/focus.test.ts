import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { logarithmic, real } from '../../../tests/fixtures/arbitraries';
import { fixedCamera } from '../../../tests/fixtures/bag';
import { chooseFocus, hyperfocal, sharpZone } from '.';

describe('depth of field', () => {
	// Source: the usual textbook example (from memory): 50 mm at f/8 with c = 0.03 mm has H = 10.47 m,
	// and focused there is sharp from half of it to infinity.
	it('gives the textbook hyperfocal distance', () => {
		expect(hyperfocal(50, 8, 0.03)).toBeCloseTo(10.47, 2);
		const zone = sharpZone(50, 8, 0.03, hyperfocal(50, 8, 0.03));
		expect(zone.from).toBeCloseTo(10.47 / 2, 1);
		expect(zone.to).toBeNull();
	});

	// Common practice: 28 mm on 35 mm film fixed at infinity, c = 0.05 mm, is sharp from about 1 m at
	// f/16 and about 1.5 m at f/11.
	it.each([
		[16, 1],
		[11, 1.5]
	])('28 mm at infinity and f/%s is sharp from about %s m', (f, metres) => {
		const { from, to } = sharpZone(28, f, 0.05, null);
		expect(Math.abs(from - metres)).toBeLessThan(0.08);
		expect(to).toBeNull();
	});

	// Source: geometry of the blur disc, c(d) = f²·|d − s| / (N·d·(s − f)), derived without H.
	it('has a blur of exactly the circle of confusion at both ends', () => {
		const blur = (focal: number, f: number, focused: number, at: number) =>
			(focal ** 2 * Math.abs(at - focused) * 1000) / (f * at * 1000 * (focused * 1000 - focal));
		fc.assert(
			fc.property(
				real(10, 150),
				logarithmic(2, 32),
				real(0.02, 0.2),
				real(1, 30),
				(focal, f, circle, distance) => {
					const { from, to } = sharpZone(focal, f, circle, distance);
					expect(blur(focal, f, distance, from)).toBeCloseTo(circle, 6);
					if (to !== null) expect(blur(focal, f, distance, to)).toBeCloseTo(circle, 6);
					expect(from).toBeLessThanOrEqual(distance);
				}
			)
		);
	});

	it('grows when the lens is stopped down', () => {
		fc.assert(
			fc.property(real(10, 150), real(1, 30), (focal, distance) => {
				const wide = sharpZone(focal, 4, 0.03, distance);
				const small = sharpZone(focal, 16, 0.03, distance);
				expect(small.from).toBeLessThan(wide.from);
				expect(small.to ?? Infinity).toBeGreaterThanOrEqual(wide.to ?? Infinity);
			})
		);
	});
});

describe('choosing the focus', () => {
	const zones = fixedCamera({
		focus: { kind: 'zones', distances: [1, 2, 6, null], labels: ['one', 'three', 'group', 'hills'] }
	});

	it('takes the mark nearest to the subject', () => {
		expect(chooseFocus(zones, 8, 2.3).focus).toEqual({ distance: 2, label: 'three' });
		expect(chooseFocus(zones, 8, 500).focus?.label).toBe('hills');
	});

	it('without a subject takes the mark that is sharp to infinity and begins nearest', () => {
		expect(chooseFocus(zones, 16).focus?.label).toBe('group');
		expect(chooseFocus(zones, 16).sharp.to).toBeNull();
	});

	it('has nothing to set on a fixed lens', () => {
		expect(chooseFocus(fixedCamera(), 8, 1).focus).toBeNull();
	});

	it('sets a free ring to the hyperfocal distance, or on the subject but no nearer than it goes', () => {
		const ring = fixedCamera({ focus: { kind: 'continuous', nearest: 1.2 } });
		expect(chooseFocus(ring, 8).sharp.to).toBeNull();
		expect(chooseFocus(ring, 8, 3).focus?.distance).toBe(3);
		expect(chooseFocus(ring, 8, 0.5).focus?.distance).toBe(1.2);
	});
});
