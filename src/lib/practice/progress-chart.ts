import type { ApexOptions } from 'apexcharts';
import { stopsInWords } from '$core/units';

/** How many of the last guesses the mean is of. */
const OF_LAST = 10;
/** Farther off is drawn at the edge, stops. */
const EDGE = 3;

const side = (stops: number) =>
	Math.round(stops * 3) === 0 ? 'right' : `${stopsInWords(stops)} ${stops > 0 ? 'bright' : 'dark'}`;

/** Each guess by how far it was off, with the mean of the last ten. */
export function progressChart(points: readonly { error: number }[]): ApexOptions {
	const at = (place: number, error: number) => ({ x: place + 1, y: Math.max(-EDGE, Math.min(EDGE, error)) });
	const means = points.map((_, place) => {
		const last = points.slice(Math.max(0, place - OF_LAST + 1), place + 1);
		return at(
			place,
			last.reduce((sum, { error }) => sum + error / last.length, 0)
		);
	});
	return {
		chart: { type: 'line', height: 260, animations: { enabled: false } },
		series: [
			{ name: 'a guess', type: 'scatter', data: points.map(({ error }, place) => at(place, error)) },
			{ name: `mean of ${OF_LAST}`, type: 'line', data: means }
		],
		colors: ['ink-soft', 'ink'],
		stroke: { width: [0, 3] },
		markers: { size: [5, 0], strokeWidth: 0 },
		legend: { show: false },
		tooltip: { shared: false, y: { formatter: side } },
		annotations: { yaxis: [{ y: 0, strokeDashArray: 4 }] },
		xaxis: {
			type: 'numeric',
			title: { text: 'guesses' },
			labels: { formatter: (value) => String(Math.round(Number(value))) }
		},
		yaxis: { min: -EDGE, max: EDGE, tickAmount: 2 * EDGE, labels: { formatter: side } }
	};
}
