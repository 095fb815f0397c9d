import {
	automaticExposure,
	controlsOf,
	bodyOffsetOf,
	programmeOf,
	scatterOf,
	stopsOverEye,
	type Axis,
	type Camera,
	type Filter
} from '../camera';
import type { ClickReading } from './types';

/** How a camera was set when its shutter was timed. */
export interface ClickSettings {
	/** Where the person sets the aperture: which it was. */
	f?: number;
	/** Place of the film-speed dial; default the first. */
	iso?: number;
	/** Place of the wheel, stops. */
	compensation?: number;
	filters?: Filter[];
}

/** A timed click, turned round; at a limit the light is only bounded. */
export interface Clicked {
	reading: ClickReading;
	/** The shutter ran at its fastest or slowest: there is at least, or at most, that much light. */
	limit: 'fastest' | 'slowest' | null;
}

/** Times this near to a limit may have been the limit, stops. */
const AT_LIMIT = 1 / 3;

/** The end of the shutter at which a time may have been. */
function limitAt(seconds: number, fastest: number, slowest: number, doubt: number): Clicked['limit'] {
	const near = (end: number) => Math.abs(Math.log2(seconds / end)) < doubt;
	if (seconds < fastest || near(fastest)) return 'fastest';
	return seconds > slowest || near(slowest) ? 'slowest' : null;
}

/** The aperture that a programme has at a time. */
function apertureAt(aperture: Axis, shutter: Axis, seconds: number): number {
	const { knots } = programmeOf(aperture, shutter);
	const time = -Math.log2(seconds);
	const next = knots.findIndex((knot) => knot.time >= time);
	if (next <= 0) return knots[next === 0 ? 0 : knots.length - 1].f;
	const [a, b] = [knots[next - 1], knots[next]];
	return 2 ** ((a.aperture + ((time - a.time) / (b.time - a.time)) * (b.aperture - a.aperture)) / 2);
}

const nearestListed = (axis: Axis, f: number | undefined) =>
	axis.kind === 'range'
		? (f ?? axis.from)
		: axis.values.reduce((a, b) => (f !== undefined && Math.abs(b - f) < Math.abs(a - f) ? b : a));

/**
 * Turns a timed click of an automatic shutter round into a reading of the light on its eye.
 *
 * @param camera one whose eye sets the time
 * @param seconds the time that was heard, s
 * @param secondsSd its doubt, s
 * @param settings how the camera was set
 * @returns null where no eye of this camera sets the time
 * @example clickedBy(f/8, built for ISO 100, 1, 0.05, {})?.reading.seconds // 1
 */
export function clickedBy(
	camera: Camera,
	seconds: number,
	secondsSd: number,
	{ f, iso, compensation, filters = [] }: ClickSettings
): Clicked | null {
	const eye = automaticExposure(camera);
	const control = controlsOf(camera).find(({ automatic, shutter }) => automatic && shutter.kind === 'range');
	if (!eye || eye.sets === 'aperture' || !control || control.shutter.kind !== 'range') return null;
	const { aperture, shutter } = control;
	const { from: fastest, to: slowest } = control.shutter;
	const taken = Math.min(slowest, Math.max(fastest, seconds));
	const reading: ClickReading = {
		method: 'click',
		seconds: taken,
		secondsSd,
		f: eye.sets === 'both' ? apertureAt(aperture, shutter, taken) : nearestListed(aperture, f),
		iso: iso ?? eye.iso[0],
		...(compensation ? { compensation } : {}),
		...(filters.length > 0 ? { filterStops: stopsOverEye(eye, filters) } : {}),
		offset: bodyOffsetOf(camera, compensation, iso ?? eye.iso[0]),
		scatter: scatterOf(eye),
		...(eye.response && { response: eye.response })
	};
	const doubt = Math.max(AT_LIMIT, secondsSd / (taken * Math.LN2));
	return { reading, limit: limitAt(seconds, fastest, slowest, doubt) };
}
