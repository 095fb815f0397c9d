import { describe, expect, it } from 'vitest';
import { parseClock, partLine, powderLine, timeLine } from './recipe-lines';

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
		])
			expect(timeLine.parse(timeLine.show(time))).toEqual(time);
	});

	it('that are no such line become no number, which every schema refuses', () => {
		expect(partLine.parse('Water').parts).toBeNaN();
		expect(timeLine.parse('warm, long').celsius).toBeNaN();
		expect(timeLine.parse('20, soon').seconds).toBeNaN();
	});
});
