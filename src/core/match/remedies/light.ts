import { lightToFind, resolveLight, type Light } from '../../light';
import { formatEv } from '../../units';
import type { Interval } from '../intervals';
import { reach } from '../reach';
import type { Question, RemedyKind } from './remedy-kind';

/** How far inside an interval a light is safe, at most: its own doubt or half the interval. */
function safeInside([from, to]: Interval, ev: number, sd: number): number {
	const margin = Math.min(sd, (to - from) / 2);
	return Math.min(to - margin, Math.max(from + margin, ev));
}

const apart = ([from, to]: Interval, ev: number) => Math.max(from - ev, ev - to, 0);

/** The light nearest to the present one in which the camera works well as it is set; null where none is. */
export function nearestGoodLight({ camera, film, light, intent }: Question): {
	interval: Interval;
	ev: number;
} | null {
	const { ev, sd, meterEv } = resolveLight(light);
	const { good } = reach(camera, film, { ...intent, meterDifference: meterEv - ev });
	if (good.length === 0) return null;
	const interval = good.reduce((a, b) => (apart(b, ev) < apart(a, ev) ? b : a));
	return { interval, ev: safeInside(interval, ev, sd) };
}

/** The same light, so much brighter or darker on subject and meter both. */
export function shiftedLight(light: Light, stops: number): Light {
	const { ev, sd, meterEv, meterSd, kelvin } = resolveLight(light);
	const meter = light.meterEv === undefined ? {} : { meterEv: meterEv + stops, meterSd };
	return { ev: ev + stops, sd, ...meter, ...(kelvin === undefined ? {} : { kelvin }) };
}

/** Waiting for other light, going where it is, or turning so that the sun is behind: judged where it just begins to do. */
export const light: RemedyKind = {
	kind: 'light',
	effort: 1,
	pairs: false,
	options(question) {
		const { ev } = resolveLight(question.light);
		const nearest = nearestGoodLight(question);
		if (!nearest) return [];
		const { interval } = nearest;
		const to = Math.min(interval[1], Math.max(interval[0], ev));
		const stops = to - ev;
		const words = lightToFind(question.light, to);
		if (Math.abs(stops) < 1 / 6 || words === null) return [];
		const name = `light from EV ${formatEv(to)} ${stops > 0 ? 'up' : 'down'}, such as ${words}`;
		return [{ name, from: ev, to }];
	},
	make: (question, { from = 0, to = from }) => ({
		...question,
		light: shiftedLight(question.light, to - from)
	})
};
