import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { logarithmic, real } from '../../../../tests/fixtures/arbitraries';
import {
	filmOf,
	losesNothing,
	fixedCamera,
	rangedCamera,
	steppedCamera
} from '../../../../tests/fixtures/bag';
import type { GearRecord } from '$contract/records';
import { apertureAt, bandsOf, fillWay, rightAt } from './flash-desk';
import { BARE, lampLight, meteredAs, modifiersOf, nearestTo } from './lamp-desk';
import { greysOf } from './night-desk';
import { aperturesOf, zoneOf } from './sharp-desk';

const at = {
	camera: fixedCamera({ flash: { guideNumber: 16, nearest: 0.5, farthest: 4 } }),
	film: filmOf('reversal', 100),
	flash: { guideNumber: 16, powers: [1, 1 / 4] },
	intent: {},
	outdoors: false,
	f: 8
};

describe('where a flash is right', () => {
	// Source: guide number by hand: 16 at f/8 is 2 m; good to a third of a stop is 2^(1/6) of the distance.
	it('is about where its number says, in the dark', () => {
		expect(rightAt(at, 1)).toBe(2);
		expect(rightAt(at, 1 / 4)).toBe(1);
		expect(apertureAt(at, 4, 1)).toBe(4);
		const bands = bandsOf(at, 1, -10);
		expect(bands.map(({ kind }) => kind)).toEqual(['near', 'usable', 'right', 'usable', 'far']);
		expect(bands[2].from).toBeCloseTo(2 * 2 ** (-1 / 6), 2);
		expect(bands[2].to).toBeCloseTo(2 * 2 ** (1 / 6), 2);
	});

	it('has no far end where the light that is there is enough, and nothing right where it is too much', () => {
		expect(bandsOf(at, 1, 0).at(-1)).toMatchObject({ kind: 'right', to: null });
		expect(bandsOf(at, 1, 3).map(({ kind }) => kind)).toEqual(['near']);
	});

	it('goes without a gap from the camera to infinity', () => {
		fc.assert(
			fc.property(real(-12, 4), logarithmic(1 / 64, 1), logarithmic(2, 32), (background, power, f) => {
				const bands = bandsOf({ ...at, f }, power, background);
				expect(bands[0].from).toBe(0);
				expect(bands.at(-1)!.to).toBeNull();
				bands.slice(1).forEach(({ from }, index) => expect(from).toBeCloseTo(bands[index].to!, 6));
			})
		);
	});

	// Source: inverse square by hand: a stop under at full power is 1.41 of the distance.
	it('fills with a power that it has, or from farther off', () => {
		expect(fillWay(at, 0, -2, 2)).toMatchObject({ power: 1 / 4, distance: 4 });
		expect(fillWay(at, 0, -1, 2).power).toBeNull();
		expect(fillWay(at, 0, -1, 2).distance).toBeCloseTo(2.83, 2);
	});
});

describe('a lamp’s desk', () => {
	it('has what the bag has before what is usual, and nothing first', () => {
		const gear: GearRecord[] = [{ type: 'modifier', name: 'Umbrella', stops: 0.8, sd: 0.3, times: 2 }];
		const all = modifiersOf(gear);
		expect(all[0].name).toBe(BARE);
		expect(all.filter(({ name }) => name === 'Umbrella')).toEqual([
			expect.objectContaining({ stops: 0.8, times: 2 })
		]);
		expect(all.map(({ name }) => name)).toContain('Grid');
	});

	it('goes back to the reading, wherever the lamp was moved since', () => {
		const reading = { ev: 7, sd: 0.3 };
		expect(meteredAs(reading)).toEqual({ light: reading });
		expect(meteredAs({ method: 'lamp', reading, from: 2, to: 1 })).toEqual({
			light: reading,
			from: 2,
			to: 1
		});
		const both = meteredAs({ method: 'combined', readings: [reading, { ev: 7.2, sd: 0.3 }] }).light;
		expect('method' in both).toBe(false);
	});

	// Source: two alike from one metering: its 0.3 is in both; each modifier's 0.4 counts by its half of the light.
	it('knows a light of two lamps by what each of them gives', () => {
		const box = { name: 'Softbox', stops: 1, sd: 0.4 };
		const stand = { from: 2, to: 2, before: modifiersOf([])[0], now: [box] };
		const lit = (fill: typeof stand | null) => lampLight({ ev: 8, sd: 0.3 }, stand, fill);
		expect(lit(null)).toMatchObject({ ev: 7, sd: 0.5 });
		expect(lit(stand).ev).toBeCloseTo(8, 9);
		expect(lit(stand).sd).toBeCloseTo(Math.hypot(0.3, 0.2, 0.2), 9);
	});

	it('takes the light for a camera that is nearest', () => {
		expect(
			nearestTo(9, [
				[2, 4],
				[8, 10],
				[12, 14]
			])
		).toEqual([8, 10]);
		expect(
			nearestTo(5, [
				[2, 4],
				[8, 10]
			])
		).toEqual([2, 4]);
		expect(nearestTo(5, [])).toBeNull();
	});
});

describe('the greys of a bag', () => {
	const nd = { name: 'ND 0.6', stops: 2, kind: 'neutral' as const };
	const yellow = { name: 'Yellow', stops: 1, kind: 'contrast' as const };

	// Source: two stops by hand: 8 s behind them are 2 s without.
	it('leave other filters where they are, and their time in the time', () => {
		const film = filmOf('reversal', 100, losesNothing);
		expect(greysOf(film, [nd, yellow], [yellow, nd], 8)).toEqual({
			greys: [nd],
			on: [nd],
			others: [yellow],
			metered: 2
		});
	});
});

describe('the sharp zone’s desk', () => {
	it('chooses among marks, or full stops of a ring and its ends', () => {
		expect(aperturesOf(steppedCamera())).toEqual([2.8, 4, 5.6, 8, 11, 16]);
		expect(aperturesOf(rangedCamera())).toEqual([2.7, 2.8, 4, 5.6, 8, 11, 16, 22]);
	});

	it('follows the mark of the lens, the subject and a close-up lens', () => {
		const zones = fixedCamera({ focus: { kind: 'zones', distances: [1, 3, null] } });
		expect(zoneOf(zones, 8, { mark: 0 }).from).toBeLessThan(1);
		expect(zoneOf(zones, 8, { mark: 2 }).to).toBeNull();
		expect(zoneOf(zones, 8, { subject: 1 })).toEqual(zoneOf(zones, 8, { mark: 0 }));
		// Source: definition of the dioptre: infinity becomes half a metre.
		expect(zoneOf(zones, 8, { mark: 2, dioptres: 2 }).to).toBeCloseTo(0.5, 9);
	});
});
