import type { ApexOptions } from 'apexcharts';
import { DARKEST_STEP, type EyeCurve, type EyeFiring } from '$core/bench';
import { formatTime } from '$core/units';

const rounded = (value: number) => Math.round(value * 1000) / 1000;

/** Each firing with the wheel in its middle by its step and its time, and the line that they say: held at both limits. */
export function eyeChart(firings: readonly EyeFiring[], curve: EyeCurve): ApexOptions {
	const steps = Array.from({ length: DARKEST_STEP + 1 }, (_, step) => step);
	const [fastest, slowest] = [curve.fastest, curve.slowest].map(({ seconds }) => Math.log2(seconds));
	const { value: leak } = curve.leak;
	const line = steps.map((step) => {
		const light = Math.log2((2 ** -step + leak) / (1 + leak));
		const time = Math.log2(curve.full.seconds) - curve.slope.value * light;
		return { x: step + 1, y: rounded(Math.min(slowest, Math.max(fastest, time))) };
	});
	const points = firings
		.filter(({ fraction, compensation, iso }) => fraction && !compensation && iso === firings[0].iso)
		.map(({ fraction, seconds }) => ({ x: 1 - Math.log2(fraction!), y: rounded(Math.log2(seconds)) }));
	const all = [...points, ...line].map(({ y }) => y);
	const [least, most] = [Math.floor(Math.min(...all)), Math.ceil(Math.max(...all))];
	return {
		chart: { type: 'line', height: 280, animations: { enabled: false } },
		series: [
			{ name: 'a firing', type: 'scatter', data: points },
			{ name: 'its cell', type: 'line', data: line }
		],
		colors: ['ink-soft', 'ink'],
		stroke: { width: [0, 3] },
		markers: { size: [5, 0], strokeWidth: 0 },
		legend: { show: false },
		tooltip: { shared: false, y: { formatter: (value) => formatTime(2 ** value) } },
		xaxis: {
			type: 'numeric',
			title: { text: 'steps of the screen, each half as bright' },
			min: 1,
			max: DARKEST_STEP + 1,
			tickAmount: DARKEST_STEP,
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
