import { takenBy, usualType, type Camera, type Filter } from '../camera';
import { factsOf, filmTypes, goesInto, type FilmType } from '../film';
import { lightOnBoth, type Light } from '../light';
import { speedStops } from '../units';
import { controlsLeft } from './fixed';
import { holding, union, type Interval } from './intervals';
import { lanesAlong, type LaneErrors, type Points } from './lane-ends';
import { sceneOf } from './scene';
import type { Intent } from './types';

/** Which speed of film a camera asks for in a light: the match, turned round once more. */

/** What is asked beside the light. */
export interface SpeedQuestion {
	camera: Camera;
	/** Of which type the film is to be; absent: what the camera usually takes. */
	film?: { type: FilmType };
	/** On the camera. */
	filters?: Filter[];
	intent?: Intent;
}

/** A film as the trade sells it, by type and speed. */
export interface FilmOfSpeed {
	type: FilmType;
	iso: number;
	verdict: 'just-enough' | 'usable';
}

export interface SpeedAnswer {
	/** The speed at which the frame comes out just right, ISO. */
	iso: number;
	/** Speeds about it that come out well, and that are usable, ISO; null: none does. */
	good: Interval | null;
	usable: Interval | null;
	/** What is sold of such a speed and goes into the camera, the nearest to being right first. */
	films: FilmOfSpeed[];
}

/** Speeds, stops above ISO 100. */
export interface SpeedRanges {
	/** The one that is just right: with the wheel in the middle, and as little at a limit as can be. */
	right: number;
	good: Interval[];
	usable: Interval[];
}

/** Error of a setting at a light: straight between points, one for one beyond them. */
function errorAt(points: Points, ev: number): number {
	const [first, last] = [points[0], points[points.length - 1]];
	if (ev <= first.ev) return first.error + ev - first.ev;
	if (ev >= last.ev) return last.error + ev - last.ev;
	const next = points.findIndex((each) => each.ev >= ev);
	const [a, b] = [points[next - 1], points[next]];
	return a.error + ((ev - a.ev) / (b.ev - a.ev)) * (b.error - a.error);
}

/** What a lane does in one light: the errors that it can make on a film of ISO 100. */
interface LaneInLight {
	errors: Interval;
	turned: number;
	/** Its eye follows this light, or there is none. */
	free: boolean;
}

function inLight({ settings, byEye, ends }: LaneErrors, ev: number): LaneInLight[] {
	const { dim, bright, timed } = ends;
	if (ev < timed[0] || ev > timed[1]) return [];
	return [
		{
			errors: [errorAt(bright, ev), errorAt(dim, ev)],
			turned: Math.abs(settings.compensation ?? 0),
			free: !byEye || (ev >= dim[0].ev && ev <= bright[bright.length - 1].ev)
		}
	];
}

/** The value nearest to another that lies in one of some intervals. */
function nearestIn(intervals: readonly Interval[], value: number): number {
	const inside = intervals.map(([from, to]) => Math.min(to, Math.max(from, value)));
	return inside.reduce((a, b) => (Math.abs(b - value) < Math.abs(a - value) ? b : a));
}

/** The speed that is just right: the middle of what can be had without turning the wheel. */
function rightSpeed(lanes: readonly LaneInLight[]): number {
	const least = Math.min(...lanes.map(({ turned }) => turned));
	const straight = lanes.filter(({ turned }) => turned === least);
	const free = straight.filter((each) => each.free);
	const speeds = (free.length > 0 ? free : straight).map(({ errors: [from, to] }): Interval => [-to, -from]);
	const middle = (Math.min(...speeds.map(([from]) => from)) + Math.max(...speeds.map(([, to]) => to))) / 2;
	return nearestIn(speeds, middle);
}

/** The type that is asked for, else the one that the camera usually takes. */
const typeOf = ({ camera, film }: SpeedQuestion): FilmType => film?.type ?? usualType(camera);

/**
 * The speeds that come out in a light. At a light every setting makes an error that grows stop for stop with
 * the film's speed, so that each lets through one stretch of speeds; what is held open by hand is left out
 * where the camera has a shutter of its own.
 *
 * @param light at the subject; an eye may stand in another one
 * @returns stops above ISO 100
 */
export function speedRanges(question: SpeedQuestion, light: Light): SpeedRanges {
	const { camera, filters, intent = {} } = question;
	const { ev, meterEv } = lightOnBoth(light);
	const wanted: Intent = { handTimed: false, ...intent, ...(filters ? { filters } : {}) };
	const film = { name: '', type: typeOf(question), iso: 100 };
	const lanesFor = (asked: Intent) => {
		const scene = sceneOf(camera, film, light, asked);
		const lanes = controlsLeft(camera, asked).flatMap((control) => lanesAlong(scene, control, meterEv - ev));
		return { latitude: scene.latitude, lanes: lanes.flatMap((lane) => inLight(lane, ev)) };
	};
	const meeting = lanesFor(wanted);
	// A wish that nothing can meet is put aside, as everywhere.
	const { latitude, lanes } =
		meeting.lanes.length > 0 ? meeting : lanesFor({ ...wanted, seconds: undefined });
	const within = ([least, most]: readonly [number, number]) =>
		union(lanes.map(({ errors: [from, to] }) => [least - to, most - from]));
	return { right: rightSpeed(lanes), good: within(latitude.good), usable: within(latitude.usable) };
}

const isoOf = (stops: number) => 100 * 2 ** stops;

/** The speeds about the one that is right, ISO. */
function speedsInOne({ right, good, usable }: SpeedRanges): Omit<SpeedAnswer, 'films'> {
	const about = (intervals: readonly Interval[]) => {
		const found = holding(intervals, right);
		return found ? ([isoOf(found[0]), isoOf(found[1])] satisfies Interval) : null;
	};
	return { iso: isoOf(right), good: about(good), usable: about(usable) };
}

/** Films that are sold and go into a camera, by how one of a type is told apart at each speed, the nearest to right first. */
export function filmsSold(
	question: SpeedQuestion,
	toldFor: (asked: SpeedQuestion) => {
		right: number;
		verdict: (stops: number) => FilmOfSpeed['verdict'] | null;
	}
): FilmOfSpeed[] {
	const { camera, film } = question;
	const types = film ? [film.type] : filmTypes.filter((type) => goesInto({ type }, takenBy(camera)));
	const all = types.flatMap((type) => {
		const { right, verdict } = toldFor({ ...question, film: { type } });
		return factsOf(type).speeds.flatMap((iso) => {
			const found = verdict(speedStops(iso));
			return found ? [{ type, iso, verdict: found, off: Math.abs(speedStops(iso) - right) }] : [];
		});
	});
	return all.sort((a, b) => a.off - b.off).map(({ type, iso, verdict }) => ({ type, iso, verdict }));
}

/**
 * Which film speed a camera asks for in a light.
 *
 * @param question a camera, what is on it and wanted of it, and the type of film
 * @param light a plain light or any reading
 * @returns the speed that is just right, those about it, and what is sold of them
 * @example speedIn({ camera: fixed f/16 at 1/25 s, film: { type: 'bw-negative' } }, { ev: 14.64 }).iso // 25
 */
export function speedIn(question: SpeedQuestion, light: Light): SpeedAnswer {
	const films = filmsSold(question, (asked) => {
		const { right, good, usable } = speedRanges(asked, light);
		return {
			right,
			verdict: (stops) => (holding(good, stops) ? 'just-enough' : holding(usable, stops) ? 'usable' : null)
		};
	});
	return { ...speedsInOne(speedRanges(question, light)), films };
}
