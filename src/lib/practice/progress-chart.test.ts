import { describe, expect, it } from 'vitest';
import { progressChart } from './progress-chart';

const seriesOf = (errors: number[]) =>
	progressChart(errors.map((error) => ({ error }))).series as { data: { x: number; y: number }[] }[];

describe('the chart of guesses', () => {
	it('has a point for each, in order, and keeps wild ones at its edge', () => {
		const [points] = seriesOf([0.5, -7, 4]);
		expect(points.data).toEqual([
			{ x: 1, y: 0.5 },
			{ x: 2, y: -3 },
			{ x: 3, y: 3 }
		]);
	});

	it('has the mean of the last ten beside them', () => {
		const errors = [...Array.from({ length: 10 }, () => 1), ...Array.from({ length: 10 }, () => 0)];
		const [, means] = seriesOf(errors);
		expect(means.data[9].y).toBeCloseTo(1, 9);
		// By hand: five ones and five noughts.
		expect(means.data[14].y).toBeCloseTo(0.5, 9);
		expect(means.data[19].y).toBeCloseTo(0, 9);
		expect(seriesOf([])[1].data).toEqual([]);
	});

	it('says which way a guess was off', () => {
		const { yaxis } = progressChart([{ error: 0 }]);
		const { formatter } = (yaxis as { labels: { formatter: (stops: number) => string } }).labels;
		expect([0.1, 1, -2 / 3].map(formatter)).toEqual(['right', '1 stop bright', '⅔ stop dark']);
	});
});
