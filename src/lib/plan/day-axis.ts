import { scaleLinear } from 'd3-scale';
import { DateTime } from 'luxon';
import { line } from 'd3-shape';
import type { DayPlan } from '$core/plan';
import { formatClock, formatHour } from '$core/units';

/** The hours of a day across the page, and its light as a line over them. */
export interface DayAxis {
	/** ms */
	from: number;
	to: number;
	/** Per cent of the width. */
	at: (instant: number) => number;
	hours: { at: number; label: string }[];
	clock: (at: string | number) => string;
}

const EVERY = 3;

export function dayAxis({ samples, timeZone }: DayPlan): DayAxis {
	const [from, to] = [samples[0].at, samples[samples.length - 1].at].map((at) => Date.parse(at));
	const at = scaleLinear([from, to], [0, 100]).clamp(true);
	const hours: DayAxis['hours'] = [];
	for (
		let hour = DateTime.fromMillis(from, { zone: timeZone });
		hour.toMillis() <= to;
		hour = hour.plus({ hours: 1 })
	) {
		if (hour.hour % EVERY === 0) hours.push({ at: hour.toMillis(), label: formatHour(hour.hour) });
	}
	const clock = (instant: string | number) =>
		formatClock(
			DateTime.fromMillis(typeof instant === 'number' ? instant : Date.parse(instant), {
				zone: timeZone
			}).toFormat('HH:mm')
		);
	return { from, to, at, hours, clock };
}

/** Height of the picture of the light, in its own units; the width is 100. */
export const LIGHT_HEIGHT = 40;
const [DARKEST, BRIGHTEST] = [-6, 17];

/** EV to height. */
export const heightOf = scaleLinear([DARKEST, BRIGHTEST], [LIGHT_HEIGHT, 0]).clamp(true);

/** The light of a day as a path, and its doubt as a closed one. */
export function lightPaths({ samples }: DayPlan, axis: DayAxis): { light: string; doubt: string } {
	const points = samples.map(({ at, ev, sd }) => ({ x: axis.at(Date.parse(at)), ev, sd }));
	const path = line<{ x: number; y: number }>(
		({ x }) => x,
		({ y }) => y
	);
	const light = points.map(({ x, ev }) => ({ x, y: heightOf(ev) }));
	const upper = points.map(({ x, ev, sd }) => ({ x, y: heightOf(ev + sd) }));
	const lower = points.map(({ x, ev, sd }) => ({ x, y: heightOf(ev - sd) })).reverse();
	return { light: path(light) ?? '', doubt: `${path([...upper, ...lower]) ?? ''}Z` };
}
