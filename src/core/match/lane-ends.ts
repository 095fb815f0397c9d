import {
	aimOf,
	automaticExposure,
	lightFor,
	offsetOf,
	programmeOf,
	type Axis,
	type Control,
	type Programme
} from '../camera';
import type { Interval } from './intervals';
import { responseOf, type Response } from './response';
import type { Scene } from './scene';
import { wheelAndDial } from './settings';
import type { Intent } from './types';
import { NEAR_ENOUGH } from './wishes';

/** A value, or the whole range that a lane covers. */
export type Span = number | [from: number, to: number];

/** What is set along a lane. */
export interface LaneSettings {
	f: Span;
	seconds: Span;
	compensation: number | null;
	iso: number | null;
	position: string | null;
}

const spansOf = (axis: Axis): Span[] => (axis.kind === 'listed' ? [...axis.values] : [[axis.from, axis.to]]);
const axisOf = (span: Span): Axis =>
	typeof span === 'number'
		? { kind: 'listed', values: [span] }
		: { kind: 'range', from: span[0], to: span[1] };
const dimEnd = (span: Span, widest: boolean): Span =>
	typeof span === 'number' ? span : span[widest ? 0 : 1];

/** Error along the light: straight between its points, and one for one with the light beyond them. */
export type Points = { ev: number; error: number }[];

/**
 * The error that a setting makes at the light of each knot; outside the knots it grows with the light. Between them it
 * never falls as the light grows, but with a cell that asks for more than a stop for a stop.
 */
function pointsOf({ knots }: Response, evOf: (v: number) => number, gain: number): Points {
	return knots.map(({ v, right }) => ({ ev: evOf(v), error: evOf(v) + gain - right }));
}

/** The two ends of a lane as points: the same ones where it covers one setting. */
export interface LaneEnds {
	dim: Points;
	bright: Points;
	/** The lights in which its time is one that is wanted. */
	timed: Interval;
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
	lightAt: (v: number) => number,
	sets: 'time' | 'aperture' | 'both'
): LaneEnds {
	const at = (widest: boolean) => {
		const aperture = sets === 'time' ? dimEnd(f, widest) : f;
		const shutter = sets === 'aperture' ? dimEnd(seconds, !widest) : seconds;
		const programme = programmeOf(axisOf(aperture), axisOf(shutter));
		const points = pointsOf(responseOf(programme, scene.film), lightAt, scene.gain);
		const timed = sets === 'aperture' ? ANY_LIGHT : lightsFor(wantedTimes(scene.intent), programme, lightAt);
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

/** A setting, or the range that one covers, with the errors that it makes along the light. */
export interface LaneErrors {
	settings: LaneSettings;
	handTimed: boolean;
	/** An eye chooses within it: it has followed the light between its first and last points, and is stuck beyond. */
	byEye: boolean;
	ends: LaneEnds;
}

/** Every lane of a control, with its errors along the light. */
export function lanesAlong(scene: Scene, control: Control, meterDifference: number): LaneErrors[] {
	const eye = automaticExposure(scene.camera);
	const { handTimed } = control;
	const position = control.position?.label ?? null;
	const spans = spansOf(control.aperture).flatMap((f) =>
		spansWanted(scene, control).map((seconds) => ({ f, seconds }))
	);
	if (!eye || !control.automatic) {
		const [compensation, iso] = [eye?.compensation ? 0 : null, eye ? eye.iso[0] : null];
		return spans.map(({ f, seconds }) => ({
			settings: { f, seconds, compensation, iso, position },
			handTimed,
			byEye: false,
			ends: handEnds(scene, f, seconds)
		}));
	}
	return spans.flatMap(({ f, seconds }) =>
		wheelAndDial(scene, control, eye).map(({ iso, place }) => {
			const offset = offsetOf(scene.camera, place, iso).stops;
			const aim = aimOf(eye, iso, place, offset, scene.intent.filters ?? []);
			const lightAt = (v: number) => lightFor(aim, v) - meterDifference;
			const compensation = eye.compensation ? place : null;
			const settings = { f, seconds, compensation, iso, position };
			return { settings, handTimed, byEye: true, ends: eyeEnds(scene, f, seconds, lightAt, eye.sets) };
		})
	);
}
