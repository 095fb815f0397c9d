import {
	aimAbove,
	automaticExposure,
	controlsOf,
	offsetOf,
	programmeOf,
	wheelPositions,
	type Axis,
	type Camera,
	type Control
} from '../camera';
import type { Film, StopRange } from '../film';
import { union, type Interval } from './intervals';
import { responseOf, type Response } from './response';
import { sceneOf, type Scene } from './scene';
import type { Intent } from './types';

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

/** What a camera carries, and how much its meter's light differs from the subject's, stops. */
export type Mounted = Pick<Intent, 'filters' | 'exposures'> & { meterDifference?: number };

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
}

const within = ({ dim, bright }: LaneEnds, [least, most]: StopRange): Interval[] => [
	[leastLight(dim, least), mostLight(bright, most)]
];

/** A lane over spans that are set by hand: from widest and slowest to smallest and fastest. */
function handEnds(scene: Scene, f: Span, seconds: Span): LaneEnds {
	const gain = scene.gain + offsetOf(scene.camera).stops;
	const at = (widest: boolean) => {
		const programme = programmeOf(axisOf(dimEnd(f, widest)), axisOf(dimEnd(seconds, !widest)));
		return pointsOf(responseOf(programme, scene.film), (v) => v, gain);
	};
	return { dim: at(true), bright: at(false) };
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
		const response = responseOf(programmeOf(axisOf(aperture), axisOf(shutter)), scene.film);
		return pointsOf(response, (v) => v - aim, scene.gain);
	};
	return { dim: at(true), bright: at(false) };
}

function lanesOf(scene: Scene, control: Control, meterDifference: number): Lane[] {
	const eye = automaticExposure(scene.camera);
	const position = control.position?.label ?? null;
	const spans = spansOf(control.aperture).flatMap((f) =>
		spansOf(control.shutter).map((seconds) => ({ f, seconds }))
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
	const offset = offsetOf(scene.camera).stops;
	const speeds = control.position?.iso === undefined ? eye.iso : [control.position.iso];
	return spans.flatMap(({ f, seconds }) =>
		speeds.flatMap((iso) =>
			wheelPositions(eye.compensation).map((place) => {
				const aim = aimAbove(eye, iso, place, offset, scene.intent.filters ?? []) + meterDifference;
				const compensation = eye.compensation ? place : null;
				return lane(eyeEnds(scene, f, seconds, aim, eye.sets), { f, seconds, compensation, iso });
			})
		)
	);
}

/**
 * The light in which a camera with a film works: exact, by inverting the exposure equation piece by
 * piece.
 *
 * @param camera see match
 * @param film see match
 * @param mounted filters, exposures on a frame, and the eye's light less the subject's
 * @returns intervals of EV at ISO 100 on the subject, ends included
 * @example reach(fixed f/11 at 1/100 s, ISO 400 colour negative).good // [[11.06, 13.56]]
 */
export function reach(camera: Camera, film: Film, { meterDifference = 0, ...mounted }: Mounted = {}): Reach {
	const scene = sceneOf(camera, film, { ev: 0 }, mounted);
	const lanes = controlsOf(camera).flatMap((control) => lanesOf(scene, control, meterDifference));
	return {
		good: union(lanes.flatMap((each) => each.good)),
		usable: union(lanes.flatMap((each) => each.usable)),
		lanes
	};
}
