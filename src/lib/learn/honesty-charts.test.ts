import { describe, expect, it } from 'vitest';
import { promiseChart, standingChart } from './honesty-charts';

describe('the charts of honesty', () => {
	it('have a point and a bar for each bin, and the line of a kept word', () => {
		const { series, xaxis } = promiseChart([
			{ promised: 0.85, cameOut: 0.8, frames: 10, interval: [0.54, 0.93] },
			{ promised: 0.3, cameOut: 0.5, frames: 2, interval: [0.1, 0.9] }
		]);
		expect(series).toHaveLength(4);
		const [word, points, bar] = series as { data: { x: number; y: number }[] }[];
		expect(word.data.map(({ x, y }) => x - y)).toEqual([0, 0]);
		expect(points.data[0]).toEqual({ x: 85, y: 80 });
		expect(bar.data.map(({ y }) => y)).toEqual([54, 93]);
		expect(xaxis).toMatchObject({ min: 0, max: 100 });
	});

	it('have costs only where they are known', () => {
		const at = (takenAt: number, costPerKeeper: number | null) => ({
			takenAt,
			frames: 1,
			rate: 0.5,
			costPerKeeper
		});
		expect(standingChart([at(1, null), at(2, null)]).series).toHaveLength(1);
		const priced = standingChart([at(1, null), at(2, 3.456)]);
		expect(priced.series).toHaveLength(2);
		expect((priced.series as { data: unknown[] }[])[1].data).toEqual([{ x: 2, y: 3.46 }]);
		expect(priced.yaxis).toHaveLength(2);
	});
});
