import type { ApexOptions } from 'apexcharts';
import { DARKEST_STEP, type EyeCurve, type EyeFiring } from '$core/bench';
import { formatTime } from '$core/units';

const rounded = (value: number) => Math.round(value * 1000) / 1000;

/** Each firing with the wheel in its middle by its step and its time, and the line that they say: held at both limits. */
export function eyeChart(firings: readonly EyeFiring[], curve: EyeCurve): ApexOptions {
	const steps = Array.from({ length: DARKEST_STEP + 1 }, (_, step) => step);
	const [fastest, slowest] = [curve.fastest, curve.slowest].map(({ seconds }) => Math.log2(seconds));
	const { value: leak } = curve.leak;
	/** Its cell before the screen, and before the screen through an ND: darker by what that takes. */
	const lineThrough = (over: number) =>
		steps.map((step) => {
			const light = Math.log2((2 ** -step + leak) / (1 + leak)) - over;
			const time = Math.log2(curve.full.seconds) - curve.slope.value * light;
			return { x: rounded(step + 1 + over), y: rounded(Math.min(slowest, Math.max(fastest, time))) };
		});
	const takenBy = (filter?: number) => curve.filters.find((each) => each.filter === filter)?.value ?? 0;
	const line = lineThrough(0);
	const through = curve.filters.map(({ value }) => lineThrough(value));
	const points = firings
		.filter(({ fraction, compensation, iso }) => fraction && !compensation && iso === firings[0].iso)
		.map(({ fraction, seconds, filter }) => ({
			x: rounded(1 - Math.log2(fraction!) + takenBy(filter)),
			y: rounded(Math.log2(seconds))
		}));
	const all = [...points, ...line, ...through.flat()];
	const least = Math.floor(Math.min(...all.map(({ y }) => y)));
	const most = Math.ceil(Math.max(...all.map(({ y }) => y)));
	const last = Math.ceil(Math.max(...all.map(({ x }) => x)));
	return {
		chart: { type: 'line', height: 280, animations: { enabled: false } },
		series: [
			{ name: 'a firing', type: 'scatter', data: points },
			{ name: 'its cell', type: 'line', data: line },
			...through.map((data) => ({ name: 'its cell, through the ND', type: 'line', data }))
		],
		colors: ['ink-soft', 'ink', ...through.map(() => 'ink')],
		stroke: { width: [0, 3, ...through.map(() => 2)], dashArray: [0, 0, ...through.map(() => 4)] },
		markers: { size: [5, 0, ...through.map(() => 0)], strokeWidth: 0 },
		legend: { show: false },
		tooltip: { shared: false, y: { formatter: (value) => formatTime(2 ** value) } },
		xaxis: {
			type: 'numeric',
			title: { text: 'steps of the screen, each half as bright' },
			min: 1,
			max: last,
			tickAmount: last - 1,
			labels: { formatter: (value) => String(Math.round(Number(value))) }
		},
		yaxis: {
			min: least,
			max: most,
			tickAmount: most - least,
			labels: { formatter: (value) => formatTime(2 ** value) }
		}
	};
}
