import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { real } from '../../../tests/fixtures/arbitraries';
import { asRead, habitSd, resolveLight, takesHabit, withHabit, type Light } from '.';

const soft: Light = { method: 'shadows', school: 'shadow-edge', condition: 'soft' };
const habit = { stops: 1 / 3, sd: 0.1 };

describe('a reading whose habit is taken off', () => {
	// By hand: soft shadows are 13.64 ± ¾, of which 0.4 is how a person runs: √(0.75² − 0.4²) is new at each.
	it('is moved by it, and as sure as what is left', () => {
		const { ev, sd, meterEv } = resolveLight(withHabit(soft, habit));
		expect(ev).toBeCloseTo(13.64 - 1 / 3, 2);
		expect(meterEv).toBe(ev);
		expect(sd).toBeCloseTo(Math.hypot(Math.sqrt(0.75 ** 2 - 0.4 ** 2), 0.1), 6);
		expect(habitSd(withHabit(soft, habit))).toBe(0.1);
	});

	it('is moved once, and is what it was when the habit is put back', () => {
		fc.assert(
			fc.property(real(-2, 2), real(0.05, 0.39), real(0.45, 2), (stops, sd, readingSd) => {
				const read = { ...soft, sd: readingSd };
				const moved = withHabit(read, { stops, sd });
				expect(withHabit(moved, { stops, sd })).toBe(moved);
				const back = asRead(moved);
				expect(back.habit).toBeUndefined();
				expect(resolveLight(back).ev).toBe(resolveLight(read).ev);
				expect(back.sd).toBeCloseTo(readingSd, 9);
			})
		);
	});

	it('leaves what is put together of other readings to them', () => {
		const both: Light = { method: 'combined', readings: [withHabit(soft, habit), { ev: 12 }] };
		expect(takesHabit(both)).toBe(false);
		expect(takesHabit(soft)).toBe(true);
		expect(asRead(both)).toEqual({ method: 'combined', readings: [soft, { ev: 12 }] });
		const stand = { reading: withHabit(soft, habit), from: 1, to: 2 };
		expect(asRead({ method: 'lamp', ...stand, second: stand })).toEqual({
			method: 'lamp',
			...stand,
			reading: soft,
			second: { ...stand, reading: soft }
		});
	});
});
