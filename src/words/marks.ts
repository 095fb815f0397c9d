import { automaticExposure, controlsOf, sameMark, type Axis, type Camera } from '../core/camera';
import type { Outcome } from '../core/match';
import {
	formatAperture,
	formatTime,
	markedApertures,
	markedTimes,
	marksBetween,
	nearestMark
} from '../core/units';

/** One figure for one thing: times and f-numbers as that camera can have them, nothing beside its marks or beyond its ends. */

type Made = Pick<Outcome, 'f' | 'seconds'> & Partial<Pick<Outcome, 'handTimed' | 'manual'>>;

/** What of an axis can be read on a camera: its own marks, or the usual ones between its ends. */
const readable = (axis: Axis, series: readonly number[]): readonly number[] =>
	axis.kind === 'listed' ? axis.values : [axis.from, ...marksBetween(series, axis.from, axis.to), axis.to];

/** Two values so near to each other are one, stops. */
const AWAY = 0.5;

/** The nearest of what can be read; what is farther away was made by something else, and stands by the usual marks. */
function nearestOf(
	values: readonly number[],
	value: number,
	usual: readonly number[],
	stops: number
): number {
	if (values.length === 0) return nearestMark(usual, value);
	const own = nearestMark(values, value);
	return Math.abs(stops * Math.log2(own / value)) <= AWAY ? own : nearestMark(usual, value);
}

/**
 * The time of a setting as that camera has it, s: a mark of its own, or one that its eye reaches.
 *
 * @example ownTime(an eye of 1/180 to 14 s, { seconds: 1 / 195, … }) // 1/180
 */
export function ownTime(
	camera: Camera,
	{ seconds, handTimed = false, manual = false }: Omit<Made, 'f'>
): number {
	if (handTimed) return nearestMark(markedTimes, seconds);
	const timed = controlsOf(camera, manual).filter((control) => !control.handTimed);
	const values = timed.flatMap(({ shutter }) => readable(shutter, markedTimes));
	const exact = values.find((value) => sameMark(value, seconds));
	return exact ?? nearestOf(values, seconds, markedTimes, 1);
}

/** The time of a setting in words. */
export const timeInWords = (camera: Camera, made: Omit<Made, 'f'>): string =>
	formatTime(ownTime(camera, made));

/** Whether an eye chooses the time or the aperture of a setting. */
export function byEye(
	camera: Camera,
	{ handTimed, manual }: Partial<Made>,
	what: 'time' | 'aperture'
): boolean {
	const sets = automaticExposure(camera)?.sets;
	return (sets === what || sets === 'both') && !handTimed && !manual;
}

/**
 * The f-number of a setting as that camera has it: its own mark, or the usual one nearest to where an eye
 * puts it.
 *
 * @example apertureInWords(an eye of f/2.7 to f/22, { f: 13.6, … }) // 'f/14'
 */
export function apertureInWords(camera: Camera, made: Made): string {
	const { f, manual = false } = made;
	const controls = controlsOf(camera, manual);
	const exact = controls
		.flatMap(({ aperture }) => (aperture.kind === 'listed' ? aperture.values : [aperture.from, aperture.to]))
		.find((value) => sameMark(value, f));
	if (exact !== undefined) return formatAperture(exact);
	if (!byEye(camera, made, 'aperture')) return formatAperture(Number(f.toPrecision(2)));
	const values = controls.flatMap(({ aperture }) => readable(aperture, markedApertures));
	return formatAperture(nearestOf(values, f, markedApertures, 2));
}
