import {
	aimAbove,
	automaticExposure,
	offsetOf,
	programmeOf,
	type Axis,
	type Camera,
	type Control,
	type Programme
} from '../camera';
import type { Film, StopRange } from '../film';
import { controlsLeft } from './fixed';
import { union, type Interval } from './intervals';
import { responseOf, type Response } from './response';
import { sceneOf, type Scene } from './scene';
import { wheelAndDial } from './settings';
import type { Intent } from './types';
import { NEAR_ENOUGH } from './wishes';

/** A value, or the whole range that a lane covers. */
export type Span = number | [from: number, to: number];

export interface Lane {
	settings: {
		f: Span;
		seconds: Span;
		compensation: number | null;
		iso: number | null;
		position: string | null;
	};
	handTimed: boolean;
	good: Interval[];
	usable: Interval[];
}

export interface Reach {
	good: Interval[];
	usable: Interval[];
	/** One for each setting; a range is one. */
	lanes: Lane[];
}

/** What a camera carries, what is fixed on it and wanted of it, and how much its meter's light differs from the subject's, stops. */
export type Mounted = Intent & { meterDifference?: number };

const spansOf = (axis: Axis): Span[] => (axis.kind === 'listed' ? [...axis.values] : [[axis.from, axis.to]]);
const axisOf = (span: Span): Axis =>
	typeof span === 'number'
		? { kind: 'listed', values: [span] }
		: { kind: 'range', from: span[0], to: span[1] };
const dimEnd = (span: Span, widest: boolean): Span =>
	typeof span === 'number' ? span : span[widest ? 0 : 1];

const ENDS_INSIDE = 1e-9;

/** Error along the light: straight between its points, and one for one with the light beyond them. */
type Points = { ev: number; error: number }[];

/**
 * The error that a setting makes at the light of each knot; it never falls as the light grows, and
 * outside the knots it grows with the light.
 */
function pointsOf({ knots }: Response, evOf: (v: number) => number, gain: number): Points {
	return knots.map(({ v, right }) => ({ ev: evOf(v), error: evOf(v) + gain - right }));
}

/** The place between two points where the error passes a level; never beyond them, however near they lie. */
function along(a: Points[number], b: Points[number], error: number): number {
	if (b.error === a.error) return a.ev;
	const part = Math.min(1, Math.max(0, (error - a.error) / (b.error - a.error)));
	return a.ev + part * (b.ev - a.ev);
}

/** The least light at which the error is not below a level. */
function leastLight(points: Points, level: number): number {
	const reached = points.findIndex(({ error }) => error >= level - ENDS_INSIDE);
	if (reached === 0) return points[0].ev - (points[0].error - level);
	if (reached > 0) return along(points[reached - 1], points[reached], level);
	const last = points[points.length - 1];
	return last.ev + (level - last.error);
}

/** The most light at which the error is not above a level. */
function mostLight(points: Points, level: number): number {
	const last = points.length - 1;
	const reached = points.findLastIndex(({ error }) => error <= level + ENDS_INSIDE);
	if (reached === last) return points[last].ev + (level - points[last].error);
	if (reached >= 0) return along(points[reached + 1], points[reached], level);
	return points[0].ev - (points[0].error - level);
}

/** The two ends of a lane as points: the same ones where it covers one setting. */
interface LaneEnds {
	dim: Points;
	bright: Points;
	/** The lights in which its time is one that is wanted. */
	timed: Interval;
}

/** The lights in which a lane is within a range of error, and its eye takes a time that is wanted. */
function within({ dim, bright, timed }: LaneEnds, [least, most]: StopRange): Interval[] {
	const from = Math.max(timed[0], leastLight(dim, least));
	const to = Math.min(timed[1], mostLight(bright, most));
	return from <= to ? [[from, to]] : [];
}

const ANY_LIGHT: Interval = [-Infinity, Infinity];

/** A wanted time as a range, s; what is named as one time is fixed elsewhere, or asked of an eye to a sixth of a stop. */
function wantedTimes({ seconds }: Intent): [least: number, most: number] {
	if (seconds === undefined) return [0, Infinity];
	if (typeof seconds === 'number') return [seconds * 2 ** -NEAR_ENOUGH, seconds * 2 ** NEAR_ENOUGH];
	return [seconds[0] ?? 0, seconds[1] ?? Infinity];
}

/** The lights in which an eye takes a time within a range: its time never grows with the light. */
function lightsFor(
	[least, most]: [number, number],
	{ knots }: Programme,
	evOf: (v: number) => number
): Interval {
	const [slowest, fastest] = [knots[0], knots[knots.length - 1]];
	const at = (seconds: number) => {
		const time = -Math.log2(seconds);
		const next = knots.findIndex((each) => each.time >= time);
		const [a, b] = [knots[next - 1], knots[next]];
		return evOf(a.v + ((time - a.time) / (b.time - a.time)) * (b.v - a.v));
	};
	if (most < fastest.seconds || least > slowest.seconds) return [Infinity, -Infinity];
	return [most >= slowest.seconds ? -Infinity : at(most), least <= fastest.seconds ? Infinity : at(least)];
}

/** A lane over spans that are set by hand: from widest and slowest to smallest and fastest. */
function handEnds(scene: Scene, f: Span, seconds: Span): LaneEnds {
	const gain = scene.gain + offsetOf(scene.camera).stops;
	const at = (widest: boolean) => {
		const programme = programmeOf(axisOf(dimEnd(f, widest)), axisOf(dimEnd(seconds, !widest)));
		return pointsOf(responseOf(programme, scene.film), (v) => v, gain);
	};
	return { dim: at(true), bright: at(false), timed: ANY_LIGHT };
}

/** A lane within which an eye chooses; what is left to the hand goes over its span. */
function eyeEnds(
	scene: Scene,
	f: Span,
	seconds: Span,
	aim: number,
	sets: 'time' | 'aperture' | 'both'
): LaneEnds {
	const at = (widest: boolean) => {
		const aperture = sets === 'time' ? dimEnd(f, widest) : f;
		const shutter = sets === 'aperture' ? dimEnd(seconds, !widest) : seconds;
		const programme = programmeOf(axisOf(aperture), axisOf(shutter));
		const points = pointsOf(responseOf(programme, scene.film), (v) => v - aim, scene.gain);
		const timed =
			sets === 'aperture' ? ANY_LIGHT : lightsFor(wantedTimes(scene.intent), programme, (v) => v - aim);
		return { points, timed };
	};
	const [dim, bright] = [at(true), at(false)];
	return { dim: dim.points, bright: bright.points, timed: [dim.timed[0], bright.timed[1]] };
}

/** What of a time that the hand sets is wanted; what an eye sets is left as it is. */
function spansWanted(scene: Scene, { shutter, automatic }: Control): Span[] {
	const spans = spansOf(shutter);
	const sets = automatic && automaticExposure(scene.camera)?.sets;
	if (sets === 'time' || sets === 'both') return spans;
	const [least, most] = wantedTimes(scene.intent);
	return spans.flatMap((span): Span[] => {
		if (typeof span === 'number') return span >= least && span <= most ? [span] : [];
		const [from, to] = [Math.max(span[0], least), Math.min(span[1], most)];
		return from < to ? [[from, to]] : from === to ? [from] : [];
	});
}

function lanesOf(scene: Scene, control: Control, meterDifference: number): Lane[] {
	const eye = automaticExposure(scene.camera);
	const position = control.position?.label ?? null;
	const spans = spansOf(control.aperture).flatMap((f) =>
		spansWanted(scene, control).map((seconds) => ({ f, seconds }))
	);
	const lane = (ends: LaneEnds, settings: Omit<Lane['settings'], 'position'>): Lane => ({
		settings: { ...settings, position },
		handTimed: control.handTimed,
		good: within(ends, scene.latitude.good),
		usable: within(ends, scene.latitude.usable)
	});
	if (!eye || !control.automatic) {
		const [compensation, iso] = [eye?.compensation ? 0 : null, eye ? eye.iso[0] : null];
		return spans.map(({ f, seconds }) =>
			lane(handEnds(scene, f, seconds), { f, seconds, compensation, iso })
		);
	}
	return spans.flatMap(({ f, seconds }) =>
		wheelAndDial(scene, control, eye).map(({ iso, place }) => {
			const offset = offsetOf(scene.camera, place).stops;
			const aim = aimAbove(eye, iso, place, offset, scene.intent.filters ?? []) + meterDifference;
			const compensation = eye.compensation ? place : null;
			return lane(eyeEnds(scene, f, seconds, aim, eye.sets), { f, seconds, compensation, iso });
		})
	);
}

/**
 * The light in which a camera with a film works: exact, by inverting the exposure equation piece by
 * piece. What is fixed on the camera is fixed, and a time that is wanted is kept to, where it can be met.
 *
 * @param camera see match
 * @param film see match
 * @param mounted filters, exposures on a frame, what is fixed and wanted, and the eye's light less the subject's
 * @returns intervals of EV at ISO 100 on the subject, ends included
 * @example reach(fixed f/11 at 1/100 s, ISO 400 colour negative).good // [[11.06, 13.56]]
 */
export function reach(camera: Camera, film: Film, mounted: Mounted = {}): Reach {
	const { meterDifference = 0, ...intent } = mounted;
	const lanesFor = (asked: Intent) => {
		const scene = sceneOf(camera, film, { ev: 0 }, asked);
		return controlsLeft(camera, asked).flatMap((control) => lanesOf(scene, control, meterDifference));
	};
	const meeting = lanesFor(intent);
	// A wish that nothing could meet is answered by the nearest settings: their light is that of the camera.
	const met = intent.seconds === undefined || meeting.some(({ usable }) => usable.length > 0);
	const lanes = met ? meeting : lanesFor({ ...intent, seconds: undefined });
	return {
		good: union(lanes.flatMap((each) => each.good)),
		usable: union(lanes.flatMap((each) => each.usable)),
		lanes
	};
}
