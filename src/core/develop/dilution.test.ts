import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { real } from '../../../tests/fixtures/arbitraries';
import { byParts, diluted, fittingRecipes, isMeantFor, ownTime, ownTimed, recipeTime, waterOf } from '.';

const parts = (...all: [name: string, parts: number][]) => all.map(([name, each]) => ({ name, parts: each }));
const nine = parts(['Stock', 1], ['Water', 9]);
const three = parts(['A', 1], ['B', 1], ['C', 1], ['Warm water', 14]);

describe('a dilution', () => {
	it('is the water to one part of all stock together', () => {
		expect(waterOf(nine)).toBe(9);
		expect(waterOf(three)).toBeCloseTo(14 / 3, 12);
		expect(waterOf(parts(['Stock', 1]))).toBe(0);
		expect(waterOf(parts(['Water', 1]))).toBeNull();
		expect(waterOf()).toBeNull();
	});

	// By hand: half a litre at 1 + 24 takes 20 ml of stock; a stock that is used as it is has no water.
	it('changes the water and leaves the stock', () => {
		expect(byParts(diluted(nine, 24), 500).map(({ amount }) => amount)).toEqual([20, 480]);
		expect(byParts(diluted(parts(['Stock', 1]), 4), 500).map(({ amount }) => amount)).toEqual([100, 400]);
		expect(diluted(nine, 0)).toEqual(parts(['Stock', 1]));
		expect(diluted(parts(['Water', 1]), 5)).toEqual(parts(['Water', 1]));
		expect(diluted(three, 6).map((each) => each.parts)).toEqual([1, 1, 1, 18]);
	});

	// Source: mass balance.
	it('is found again in what is mixed, and each stock keeps its share of all stock', () => {
		fc.assert(
			fc.property(real(0.1, 5), real(0, 30), real(0, 100), (second, water, other) => {
				const mixed = diluted(parts(['A', 1], ['B', second], ['Water', water]), other);
				expect(waterOf(mixed)!).toBeCloseTo(other, 9);
				const [a, b] = byParts(mixed, 700);
				expect(b.amount / a.amount).toBeCloseTo(second, 9);
			})
		);
	});
});

describe('a time at another dilution', () => {
	const known = {
		parts: nine,
		times: [
			{ celsius: 18, seconds: 720 },
			{ celsius: 20, seconds: 600 },
			{ celsius: 24, seconds: 420 },
			{ celsius: 20, seconds: 840, water: 14 }
		]
	};

	it('is that of the table where the table has it, and as the recipe is mixed without a word', () => {
		expect(recipeTime(known, 20)?.seconds).toBe(600);
		expect(recipeTime(known, 20, { water: 9 })?.seconds).toBe(600);
		expect(recipeTime(known, 20, { water: 14, factor: 1.4 })?.seconds).toBe(1176);
		expect(recipeTime(known, 20, { water: 14 })?.from).toBeUndefined();
	});

	// By hand: between a tenth and a fifteenth of strength, an eleventh is ln(11/10)/ln(15/10) = 0.235 of the way;
	// 600 · 1.4^0.235 = 649.
	it('is straight in both logarithms between two of them', () => {
		expect(recipeTime(known, 20, { water: 10 })?.seconds).toBeCloseTo(649.4, 0);
		expect(recipeTime(known, 20, { water: 10 })?.from).toBeUndefined();
	});

	// By hand: at 20 °C the thinner takes 1.4 of the time; so does it at 24 °C, 588 s, less sure by both.
	it('changes with the temperature as the whole recipe does, where its own times do not reach', () => {
		const told = recipeTime(known, 24, { water: 14 })!;
		expect(told.seconds).toBeCloseTo(588, 9);
		expect(told.sd / told.seconds).toBeCloseTo(0.05 * Math.SQRT2, 9);
	});

	// Common practice: a developer twice as thin takes about half as long again, between 1.4 and 1.9 of its time. From
	// memory, printed tables: 8 and 11 minutes as it is and with as much water; 6 and 11 minutes at 1 + 25 and 1 + 50.
	it('by rule of thumb agrees with what is printed of two dilutions, within twice its doubt', () => {
		for (const [water, thinner, first, second] of [
			[0, 1, 8, 11],
			[25, 50, 6, 11]
		]) {
			const own = parts(['Stock', 1], ...(water > 0 ? ([['Water', water]] as [string, number][]) : []));
			const recipe = { parts: own, times: [{ celsius: 20, seconds: first * 60 }] };
			const told = recipeTime(recipe, 20, { water: thinner })!;
			expect(told.from).toBe(water);
			expect(Math.abs(told.seconds - second * 60)).toBeLessThan(2 * told.sd);
		}
	});

	it('is not guessed beyond four times as thin or strong', () => {
		const recipe = { parts: nine, times: [{ celsius: 20, seconds: 600 }] };
		expect(recipeTime(recipe, 20, { water: 39 })).not.toBeNull();
		expect(recipeTime(recipe, 20, { water: 40 })).toBeNull();
		expect(recipeTime(recipe, 20, { water: 1 })).toBeNull();
		expect(recipeTime(recipe, 22, { water: 14 })).toBeNull();
		expect(recipeTime({}, 20)).toBeNull();
	});

	it('is longer and less sure the thinner it is', () => {
		fc.assert(
			fc.property(real(2, 30), real(1.05, 1.3), (water, more) => {
				const recipe = { parts: nine, times: [{ celsius: 20, seconds: 600 }] };
				const [some, next] = [water, water * more].map((each) => recipeTime(recipe, 20, { water: each })!);
				expect(next.seconds).toBeGreaterThan(some.seconds);
				const off = (told: typeof some) => told.sd / told.seconds;
				if (water > 9) expect(off(next)).toBeGreaterThan(off(some));
			})
		);
	});

	it('that negatives were developed by tells of the table where the table has it, and else of nothing', () => {
		const looks = Array.from({ length: 6 }, () => ({ contrast: -1 as const }));
		const at = (water: number, took: number) =>
			ownTime(known, [{ took, celsius: [20], push: 0, water, looks }])?.factor;
		expect(at(14, 840)).toBeCloseTo(
			ownTime(known, [{ took: 600, celsius: [20], push: 0, looks }])!.factor,
			9
		);
		expect(at(29, 1500)).toBeUndefined();
		// A tenth of its own doubt and as much of the rule's is √2 of either.
		const own = { factor: 1.1, sd: 0.1, negatives: 6, rolls: 1 };
		const ruled = ownTimed({ seconds: 1000, sd: 100, beyond: false, from: 9 }, own);
		expect(ruled.sd / ruled.seconds).toBeCloseTo(0.1 * Math.SQRT2, 9);
		expect(ownTimed({ seconds: 1000, sd: 100, beyond: false }, own).sd).toBeCloseTo(110, 9);
	});
});

describe('recipes that fit a film', () => {
	const shelf = [
		{ id: 'general', kind: 'general-developer' as const },
		{ id: 'fine', kind: 'fine-grain-developer' as const },
		{ id: 'first', kind: 'reversal-developer' as const }
	];
	const ids = (type: 'bw-negative' | 'bw-reversal' | 'colour-negative', push: number, ...filmIds: string[]) =>
		fittingRecipes(shelf, { type, push, filmIds }, [
			{ recipeId: 'fine', filmId: 'a', push: 0 },
			{ recipeId: 'general', filmId: 'a', push: 0 },
			{ recipeId: 'general', filmId: 'a', push: 1 },
			{ recipeId: 'first', filmId: 'b', push: 0 }
		]).map(({ recipe, lastOf }) => [recipe.id, ...lastOf].join(' '));

	it('are of its type, and first the one in which it was last developed with the same push', () => {
		expect(ids('bw-negative', 0, 'a', 'a', 'c')).toEqual(['fine a', 'general']);
		expect(ids('bw-negative', 1, 'a')).toEqual(['general a', 'fine']);
		expect(ids('bw-negative', 0, 'b')).toEqual(['general', 'fine']);
		expect(ids('bw-reversal', 0, 'b')).toEqual(['first b']);
	});

	it('are told one by one, too', () => {
		expect(isMeantFor('reversal-developer', 'bw-negative')).toBe(false);
		expect(isMeantFor('staining-developer', 'bw-negative')).toBe(true);
		expect(isMeantFor('general-developer', 'colour-negative')).toBe(false);
	});

	it('are all of the shelf where none is meant for the type', () => {
		expect(ids('colour-negative', 0, 'a')).toEqual(['fine a', 'general', 'first']);
	});
});
