import type { Camera } from '../camera';
import type { Film, StopRange } from '../film';
import { controlsLeft } from './fixed';
import { common, union, type Interval } from './intervals';
import { lanesAlong, type LaneEnds, type LaneSettings, type Points } from './lane-ends';
import { sceneOf } from './scene';
import type { Intent } from './types';

export interface Lane {
	settings: LaneSettings;
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

const ENDS_INSIDE = 1e-9;

/** The place between two points where the error passes a level; never beyond them, however near they lie. */
function along(a: Points[number], b: Points[number], error: number): number {
	if (b.error === a.error) return a.ev;
	const part = Math.min(1, Math.max(0, (error - a.error) / (b.error - a.error)));
	return a.ev + part * (b.ev - a.ev);
}

/** The lights in which the error is not below a level; it grows stop for stop with the light beyond the points. */
function atLeast(points: Points, level: number): Interval[] {
	const [first, last] = [points[0], points[points.length - 1]];
	const inside = (error: number) => error >= level - ENDS_INSIDE;
	const found: Interval[] = [];
	if (inside(first.error)) found.push([first.ev - (first.error - level), first.ev]);
	for (let next = 1; next < points.length; next++) {
		const [a, b] = [points[next - 1], points[next]];
		if (inside(a.error) || inside(b.error))
			found.push([inside(a.error) ? a.ev : along(a, b, level), inside(b.error) ? b.ev : along(a, b, level)]);
	}
	found.push([inside(last.error) ? last.ev : last.ev + (level - last.error), Infinity]);
	return union(found);
}

/** The lights in which it is not above a level: the same, seen from the other end. */
function atMost(points: Points, level: number): Interval[] {
	const turned = points.map(({ ev, error }) => ({ ev: -ev, error: -error })).reverse();
	return atLeast(turned, -level)
		.map(([from, to]): Interval => [-to, -from])
		.reverse();
}

/** The lights in which a lane is within a range of error, and its eye takes a time that is wanted. */
function within({ dim, bright, timed }: LaneEnds, [least, most]: StopRange): Interval[] {
	return common(common(atLeast(dim, least), atMost(bright, most)), [timed]);
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
		return controlsLeft(camera, asked)
			.flatMap((control) => lanesAlong(scene, control, meterDifference))
			.map(({ settings, handTimed, ends }) => ({
				settings,
				handTimed,
				good: within(ends, scene.latitude.good),
				usable: within(ends, scene.latitude.usable)
			}));
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
