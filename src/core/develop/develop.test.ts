import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { logarithmic, real } from '../../../tests/fixtures/arbitraries';
import {
	afterRolls,
	byParts,
	byPowders,
	careFor,
	gramsFor,
	millilitresOf,
	mixedAnew,
	replenisherFor,
	rollsLeft,
	stockFor,
	timeAt,
	usualRecipes
} from '.';

describe('a working solution', () => {
	const staining = [1, 1, 1, 14].map((parts, at) => ({ name: String(at), parts }));

	// Common practice: one litre by 1 : 1 : 1 : 14 is 58.8 ml of each part and 823.5 ml of water.
	it('is mixed by parts', () => {
		const amounts = byParts(staining, 1000).map(({ amount }) => amount);
		expect(amounts.slice(0, 3).map((each) => each.toFixed(1))).toEqual(['58.8', '58.8', '58.8']);
		expect(amounts[3].toFixed(1)).toBe('823.5');
	});

	const anyParts = fc.array(real(0.1, 50), { minLength: 1, maxLength: 8 });

	// Source: mass balance.
	it('holds as much as its parts together, and grows in proportion', () => {
		fc.assert(
			fc.property(anyParts, logarithmic(10, 10_000), real(0.1, 10), (parts, millilitres, times) => {
				const named = parts.map((each, at) => ({ name: String(at), parts: each }));
				const once = byParts(named, millilitres);
				const sum = once.reduce((total, { amount }) => total + amount, 0);
				expect(sum / millilitres).toBeCloseTo(1, 9);
				byParts(named, millilitres * times).forEach(({ amount }, at) =>
					expect(amount / once[at].amount).toBeCloseTo(times, 9)
				);
			})
		);
	});

	// Source: worked by hand: 20 g a litre are 10 g in half of one; 10 % is 10 g in 100 ml.
	it('is weighed by the litre, in its order, and by per cent', () => {
		const powders = [
			{ name: 'Soda', grams: 20 },
			{ name: 'Salt', grams: 5 }
		];
		expect(byPowders(powders, 500)).toEqual([
			{ name: 'Soda', amount: 10, unit: 'g' },
			{ name: 'Salt', amount: 2.5, unit: 'g' }
		]);
		// 2 g a litre are 1 g in half of one, which is 10 ml of a solution of 10 g in 100 ml.
		expect(byPowders([{ name: 'Bromide', grams: 2, percent: 10 }], 500)).toEqual([
			{ name: 'Bromide, 10 %', amount: 10, unit: 'ml' }
		]);
		// Three quarters of a litre of water to begin with are three eighths of one in half of it.
		expect(byPowders([{ name: 'Water', millilitres: 750 }], 500)).toEqual([
			{ name: 'Water', amount: 375, unit: 'ml' }
		]);
		expect(gramsFor(10, 250)).toBe(25);
		expect(millilitresOf(10, gramsFor(10, 250))).toBe(250);
	});

	it('does as many rolls as it holds, and once if it is used once', () => {
		expect(rollsLeft({ rollsPerLitre: 8 }, 500)).toBe(4);
		expect(rollsLeft({ rollsPerLitre: 8, rollsDone: 3 }, 500)).toBe(1);
		expect(rollsLeft({ rollsPerLitre: 8, rollsDone: 9 }, 500)).toBe(0);
		expect(rollsLeft({}, 500)).toBe(1);
		expect(rollsLeft({ rollsDone: 1 }, 500)).toBe(0);
		expect(rollsLeft({ rollsPerLitre: 8, rollsDone: 9, replenish: 22 }, 500)).toBeNull();
	});

	// By hand: 22 ml for each of three rolls are 66 ml.
	it('is replenished by the roll, and its bottle empties by as much', () => {
		const bath = { rollsPerLitre: 8, rollsDone: 9, replenish: 22, replenisherLeft: 100 };
		expect(replenisherFor(bath, 3)).toBe(66);
		expect(replenisherFor({}, 3)).toBe(0);
		expect(afterRolls(bath, 3, 250)).toEqual({ rollsDone: 12, replenisherLeft: 34 });
		expect(afterRolls(bath, 9, 250).replenisherLeft).toBe(0);
		expect(afterRolls({ replenish: 22, stockLeft: 900 }, 1, 250)).toEqual({ rollsDone: 1 });
	});

	// Source: mass balance. Of a bath of V that takes what a roll leaves in it, and of which r is poured off before r of
	// fresh replenisher is added, the burden comes to rest where what is poured off carries away what a roll brings.
	it('keeps a replenished bath at one strength', () => {
		fc.assert(
			fc.property(real(300, 2000), real(10, 80), (volume, replenish) => {
				let [millilitres, burden] = [volume, 0];
				for (let roll = 0; roll < 2000; roll += 1) {
					burden += 1;
					const off = replenisherFor({ replenish }, 1);
					burden *= (millilitres - off) / millilitres;
					millilitres += replenisherFor({ replenish }, 1) - off;
				}
				expect(millilitres).toBeCloseTo(volume, 9);
				expect(burden / (volume / replenish - 1)).toBeCloseTo(1, 3);
			})
		);
	});

	// By hand: half a litre by 1 : 1 takes 250 ml of stock.
	it('counts the rolls of a bath that serves again, and the stock of one that is used once', () => {
		const mixed = byParts(
			[
				{ name: 'Stock', parts: 1 },
				{ name: 'Water', parts: 1 }
			],
			500
		);
		expect(stockFor(mixed)).toBe(250);
		expect(stockFor([{ name: 'Warm water', amount: 500, unit: 'ml' }])).toBe(0);
		expect(afterRolls({ rollsPerLitre: 8 }, 2, 250)).toEqual({ rollsDone: 2 });
		expect(afterRolls({ rollsPerLitre: 8, rollsDone: 3, stockLeft: 900 }, 2, 250)).toEqual({ rollsDone: 5 });
		expect(afterRolls({ stockLeft: 900 }, 2, 250)).toEqual({ stockLeft: 650 });
		expect(afterRolls({ stockLeft: 100 }, 1, 250)).toEqual({ stockLeft: 0 });
		expect(afterRolls({}, 1, 250)).toEqual({});
		expect(mixedAnew({ stockLeft: 900 }, 250, '2026-05-02')).toEqual({
			rollsDone: 0,
			mixedOn: '2026-05-02',
			stockLeft: 650
		});
		expect(mixedAnew({}, 250, '2026-05-02')).toEqual({ rollsDone: 0, mixedOn: '2026-05-02' });
	});
});

describe('a time by temperature', () => {
	const table = [
		{ celsius: 18, seconds: 720 },
		{ celsius: 22, seconds: 480 }
	];

	// Source: worked by hand: half way in the logarithm between 720 and 480 is √(720 · 480) = 587.9.
	it('is straight in its logarithm between two points', () => {
		expect(timeAt(table, 20)?.seconds).toBeCloseTo(587.9, 1);
		expect(timeAt(table, 18)?.seconds).toBe(720);
		expect(timeAt(table, 20, 1.5)?.seconds).toBeCloseTo(881.8, 1);
	});

	// Common practice: a range of 8 to 14 minutes centres on 11.
	it('is the middle of a range, as unsure as the range is wide', () => {
		const timed = timeAt([{ celsius: 20, seconds: [480, 840] }], 20)!;
		expect(timed.seconds).toBe(660);
		expect(timed.sd).toBe(180);
	});

	it('is not guessed far outside, and less sure just outside', () => {
		expect(timeAt(table, 15)).toBeNull();
		expect(timeAt(table, 25)).toBeNull();
		expect(timeAt([table[0]], 19)).toBeNull();
		expect(timeAt([], 20)).toBeNull();
		const beyond = timeAt(table, 23.5)!;
		expect(beyond.beyond).toBe(true);
		expect(beyond.sd / beyond.seconds).toBeGreaterThan(timeAt(table, 20)!.sd / timeAt(table, 20)!.seconds);
		expect(beyond.seconds).toBeLessThan(480);
	});

	it('is shorter the warmer it is, without a jump', () => {
		fc.assert(
			fc.property(real(16, 24), real(0.001, 0.5), (celsius, warmer) => {
				const [cold, warm] = [timeAt(table, celsius), timeAt(table, celsius + warmer)];
				fc.pre(cold !== null && warm !== null);
				expect(warm!.seconds).toBeLessThan(cold!.seconds);
				expect(warm!.seconds / cold!.seconds).toBeGreaterThan(0.9);
			}),
			// One in three draws may lie outside the table; a hundred are really looked at.
			{ numRuns: 100, maxSkipsPerRun: 1 }
		);
	});
});

describe('recipes to start from', () => {
	it('say what to mind before anything else', () => {
		for (const { kind } of usualRecipes) {
			expect(careFor(kind).some((each) => each.includes('safety sheet'))).toBe(true);
			expect(careFor(kind).length).toBeGreaterThan(2);
		}
		expect(careFor('staining-developer')[0]).toContain('poisonous');
	});
});
