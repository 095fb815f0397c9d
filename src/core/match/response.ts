import { knot, type Knot, type Limit, type Programme } from '../camera';
import { reciprocityLoss, reciprocityOf, type Film } from '../film';

/** A knot of a programme with the light that is right for it. */
interface ResponseKnot extends Knot {
	/** The light for which the film gets just what it needs, before its speed: v and what it loses over long times. */
	right: number;
}

/**
 * What a camera with a film answers to the settings EV that it is asked for: straight lines between
 * knots, stuck beyond both ends. A setting by hand is a single knot.
 */
export interface Response {
	knots: readonly ResponseKnot[];
	ends: Programme['ends'];
}

/** One place of a response. */
export interface Answered {
	right: number;
	f: number;
	seconds: number;
	clamped: Limit | null;
}

/** Asked this little beyond a limit, a camera has not run into it. */
const AT_THE_LIMIT = 1e-9;

// Written out, because this runs for every setting at every step of a drag.
const withLoss = (film: Film, { v, aperture, time, f, seconds }: Knot): ResponseKnot => ({
	v,
	aperture,
	time,
	f,
	seconds,
	right: v + reciprocityLoss(film, seconds)
});

const NO_ENDS: Programme['ends'] = [null, null];

/** The response of a setting by hand: the same whatever the light. */
export function handResponse(film: Film, f: number, seconds: number): Response {
	return { knots: [withLoss(film, knot(f, seconds))], ends: NO_ENDS };
}

const settingOf = (aperture: number, time: number) => ({ f: 2 ** (aperture / 2), seconds: 2 ** -time });

/** The knot between two where a time is reached. */
function knotAt(a: Knot, b: Knot, time: number): Knot {
	const part = (time - a.time) / (b.time - a.time);
	const aperture = a.aperture + part * (b.aperture - a.aperture);
	return { v: aperture + time, aperture, time, ...settingOf(aperture, time) };
}

/**
 * Lays a film's reciprocity failure over a programme: one more knot where a time passes the one from
 * which the film loses speed, because the response bends there.
 */
export function responseOf({ knots, ends }: Programme, film: Film): Response {
	const bend = -Math.log2(reciprocityOf(film).from);
	const laid: ResponseKnot[] = [];
	knots.forEach((here, index) => {
		const before = knots[index - 1];
		if (before && (before.time - bend) * (here.time - bend) < 0) {
			laid.push(withLoss(film, knotAt(before, here, bend)));
		}
		laid.push(withLoss(film, here));
	});
	return { knots: laid, ends };
}

/** The light that is right for what a camera does when it is asked for a settings EV. */
export function rightAt({ knots }: Response, v: number): number {
	const last = knots.length - 1;
	if (v <= knots[0].v) return knots[0].right;
	if (v >= knots[last].v) return knots[last].right;
	let next = 1;
	while (knots[next].v <= v) next++;
	const a = knots[next - 1];
	const b = knots[next];
	return a.right + ((v - a.v) / (b.v - a.v)) * (b.right - a.right);
}

/** What a camera sets when it is asked for a settings EV, and the limit that it runs into. */
export function answerTo({ knots, ends }: Response, v: number): Answered {
	const [first, last] = [knots[0], knots[knots.length - 1]];
	if (v <= first.v) {
		const clamped = v < first.v - AT_THE_LIMIT ? ends[0] : null;
		return { right: first.right, f: first.f, seconds: first.seconds, clamped };
	}
	if (v >= last.v) {
		const clamped = v > last.v + AT_THE_LIMIT ? ends[1] : null;
		return { right: last.right, f: last.f, seconds: last.seconds, clamped };
	}
	const next = knots.findIndex((each) => each.v > v);
	const [a, b] = [knots[next - 1], knots[next]];
	const part = (v - a.v) / (b.v - a.v);
	const between = (key: 'right' | 'aperture' | 'time') => a[key] + part * (b[key] - a[key]);
	const { f, seconds } = settingOf(between('aperture'), between('time'));
	return {
		right: between('right'),
		// What does not change between the knots is what is marked on the camera, to the last digit.
		f: a.aperture === b.aperture ? a.f : f,
		seconds: a.time === b.time ? a.seconds : seconds,
		clamped: null
	};
}
