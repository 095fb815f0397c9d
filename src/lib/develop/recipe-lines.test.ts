import { describe, expect, it } from 'vitest';
import { parseClock, partLine, powderLine, recipeTimeLine, timeLine } from './recipe-lines';

describe('lines of a recipe', () => {
	it.each([
		['9:48', 588],
		['10 min', 600],
		['10', 600],
		['45 s', 45],
		['7,5', 450]
	])('%s is %s s', (text, seconds) => {
		expect(parseClock(text)).toBe(seconds);
	});

	it('are read as they are shown', () => {
		for (const part of [{ name: 'Acid, 10 %', parts: 1.5 }])
			expect(partLine.parse(partLine.show(part))).toEqual(part);
		for (const powder of [
			{ name: 'Soda', grams: 20 },
			{ name: 'Bromide', grams: 0.5, percent: 10 }
		])
			expect(powderLine.parse(powderLine.show(powder))).toEqual(powder);
		expect(powderLine.parse('Bromide, 2 from 5')).toEqual({ name: 'Bromide', grams: 2, percent: 5 });
		for (const time of [
			{ celsius: 20, seconds: 600 },
			{ celsius: 20.5, seconds: [480, 840] as [number, number] }
		]) {
			expect(timeLine.parse(timeLine.show(time))).toEqual(time);
			for (const each of [time, { ...time, water: 14 }, { ...time, water: 2.5 }])
				expect(recipeTimeLine.parse(recipeTimeLine.show(each))).toEqual(each);
		}
	});

	// By hand: one per cent is a gram in 100 ml, so 6 ml of 10 % hold 0.6 g.
	it('are read as formularies print them, with a comma or without', () => {
		expect(powderLine.parse('Bromide 6 ml of 10 %')).toEqual({ name: 'Bromide', grams: 0.6, percent: 10 });
		expect(powderLine.parse('Bromide, 6 ml from 10%')).toEqual({ name: 'Bromide', grams: 0.6, percent: 10 });
		expect(powderLine.parse('Water 750 ml')).toEqual({ name: 'Water', millilitres: 750 });
		expect(powderLine.parse('Warm water, 0.75 l')).toEqual({ name: 'Warm water', millilitres: 750 });
		expect(powderLine.parse('Sodium sulphite 85')).toEqual({ name: 'Sodium sulphite', grams: 85 });
		expect(powderLine.show({ name: 'Bromide', grams: 0.6, percent: 10 })).toBe('Bromide, 6 ml of 10 %');
		expect(partLine.parse('Water 14')).toEqual({ name: 'Water', parts: 14 });
		expect(partLine.parse('Stock 1 part')).toEqual({ name: 'Stock', parts: 1 });
	});

	it('say a dilution with a plus or a colon', () => {
		for (const line of ['20 °C, 1 + 14, 13:20', '20, 1+14, 13:20', '20 °C 1:14, 13:20'])
			expect(recipeTimeLine.parse(line)).toEqual({ celsius: 20, seconds: 800, water: 14 });
		expect(recipeTimeLine.show({ celsius: 20, seconds: 800, water: 14 })).toBe('20 °C, 1 + 14, 13:20');
	});

	it('of one recipe are all by parts or all by volume', () => {
		expect(partLine.parseAll(['Stock 250 ml', 'Water 750 ml']).map(({ parts }) => parts)).toEqual([250, 750]);
		expect(partLine.parseAll(['Stock 1', 'Water 750 ml']).map(({ parts }) => parts)).toEqual([1, NaN]);
		expect(partLine.parseAll(['Stock 250 ml', 'Water 3']).map(({ parts }) => parts)).toEqual([250, NaN]);
	});

	it('that are no such line become no number, which every schema refuses', () => {
		expect(partLine.parse('Water').parts).toBeNaN();
		expect(timeLine.parse('warm, long').celsius).toBeNaN();
		expect(timeLine.parse('20, soon').seconds).toBeNaN();
		// A print has no dilution.
		expect(timeLine.parse('20 °C, 1 + 14, 13:20').celsius).toBeNaN();
	});
});
