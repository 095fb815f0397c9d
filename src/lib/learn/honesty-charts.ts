import type { ApexOptions } from 'apexcharts';
import type { PromiseBin, Standing } from '$core/learn';

/** The two charts of honesty, as data for the chart package. */

/** Colours by their names in our displays. */
const INK = 'ink';
const SOFT = 'ink-soft';

const percent = (part: number) => Math.round(part * 1000) / 10;
const inPercent = (value: number) => `${Math.round(value)} %`;

/** Promise against result, with the interval of each bin and the line on which they are the same. */
export function promiseChart(bins: readonly PromiseBin[]): ApexOptions {
	const points = bins.map(({ promised, cameOut }) => ({ x: percent(promised), y: percent(cameOut) }));
	const bars = bins.map(({ promised, interval }) => ({
		name: '',
		type: 'line',
		data: interval.map((end) => ({ x: percent(promised), y: percent(end) }))
	}));
	return {
		chart: { type: 'line', animations: { enabled: false } },
		series: [
			{
				name: 'exactly right',
				type: 'line',
				data: [
					{ x: 0, y: 0 },
					{ x: 100, y: 100 }
				]
			},
			{ name: 'came out', type: 'scatter', data: points },
			...bars
		],
		colors: [SOFT, INK, ...bars.map(() => INK)],
		stroke: { width: [1.5, 0, ...bars.map(() => 3)], dashArray: [5, 0, ...bars.map(() => 0)] },
		markers: { size: [0, 8, ...bars.map(() => 0)], strokeWidth: 0 },
		legend: { show: false },
		tooltip: { shared: false, y: { formatter: inPercent } },
		xaxis: {
			type: 'numeric',
			min: 0,
			max: 100,
			tickAmount: 5,
			title: { text: 'predicted' },
			labels: { formatter: (value) => inPercent(Number(value)) }
		},
		yaxis: { min: 0, max: 100, tickAmount: 5, title: { text: 'came out' }, labels: { formatter: inPercent } }
	};
}

/** Hit rate over time, with the cost of a keeper where it is known. */
export function standingChart(standings: readonly Standing[]): ApexOptions {
	const costs = standings.flatMap(({ takenAt, costPerKeeper }) =>
		costPerKeeper === null ? [] : [{ x: takenAt, y: Number(costPerKeeper.toFixed(2)) }]
	);
	const rate = {
		name: 'came out',
		data: standings.map(({ takenAt, rate: part }) => ({ x: takenAt, y: percent(part) }))
	};
	const rateAxis = {
		min: 0,
		max: 100,
		tickAmount: 5,
		title: { text: 'came out' },
		labels: { formatter: inPercent }
	};
	const costAxis = {
		opposite: true,
		min: 0,
		title: { text: 'cost per keeper' },
		labels: { formatter: (value: number) => value.toFixed(1) }
	};
	return {
		chart: { type: 'line', animations: { enabled: false } },
		series: costs.length > 0 ? [rate, { name: 'cost per keeper', data: costs }] : [rate],
		colors: [INK, SOFT],
		stroke: { width: [3, 2], dashArray: [0, 6], curve: 'stepline' },
		legend: { show: costs.length > 0 },
		xaxis: { type: 'datetime', labels: { datetimeUTC: false } },
		yaxis: costs.length > 0 ? [rateAxis, costAxis] : rateAxis
	};
}
