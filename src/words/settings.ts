import {
	aimOf,
	offsetOf,
	askedBy,
	automaticExposure,
	controlsOf,
	dialSpeeds,
	markLabel,
	neutralOn,
	slowestByHand,
	type Axis,
	type Camera,
	type Filter
} from '../core/camera';
import type { Film } from '../core/film';
import { resolveLight, type Light } from '../core/light';
import { isSpoiledBy, type Intent, type Lane, type Outcome, type Span } from '../core/match';
import {
	formatAperture,
	formatDistance,
	formatStops,
	formatTime,
	fullStopApertures,
	markedApertures,
	markedTimes,
	nearestMark,
	settingsEv,
	stopsInWords
} from '../core/units';

import { apertureInWords, byEye, timeInWords } from './marks';

/** How settings are said, as they are marked on the camera. */

/** One line of the Do column. */
export interface SettingRow {
	name: string;
	value: string;
	note: string;
	/** The hand has to set it, or to see to it. */
	must?: boolean;
}

const single = (axis: Axis) => axis.kind === 'listed' && axis.values.length === 1;

/** The axes that are left to the hand. */
function handAxes(camera: Camera): Axis[] {
	const sets = automaticExposure(camera)?.sets;
	return controlsOf(camera).flatMap(({ aperture, shutter, automatic }) => [
		...(automatic && (sets === 'aperture' || sets === 'both') ? [] : [aperture]),
		...(automatic && (sets === 'time' || sets === 'both') ? [] : [shutter])
	]);
}

/**
 * Whether there is anything on the camera to set: aperture, time, bulb, wheel, dial or focus.
 *
 * @example nothingToSet(a point-and-shoot) // true
 */
export function nothingToSet(camera: Camera): boolean {
	const eye = automaticExposure(camera);
	const noDials = !eye || (!eye.compensation && dialSpeeds(camera).length === 1);
	return noDials && !camera.bulb && handAxes(camera).every(single) && camera.focus.kind === 'fixed';
}

function shutterRow(camera: Camera, outcome: Outcome): SettingRow {
	const row = (value: string, note: string, must = false): SettingRow => ({
		name: 'Shutter',
		value,
		note,
		must
	});
	if (byEye(camera, outcome, 'time')) {
		const [shortest, longest] = outcome.secondsRange.map((seconds) => timeInWords(camera, { seconds }));
		const span = shortest === longest ? 'set by the eye' : `the eye, ${shortest} to ${longest}`;
		return row(`about ${timeInWords(camera, outcome)}`, span);
	}
	if (outcome.handTimed) return row(timeInWords(camera, outcome), 'bulb, count it', true);
	const timed = controlsOf(camera).filter((control) => !control.handTimed);
	const fixed = timed.every(({ shutter }) => single(shutter));
	return row(timeInWords(camera, outcome), fixed ? 'fixed' : '', !fixed);
}

/**
 * A place of the wheel, as one turns it.
 *
 * @example wheelInWords(-2 / 3) // '⅔ toward darken'
 */
export function wheelInWords(place: number): string {
	if (Math.abs(place) < 1 / 12) return 'in the middle';
	return `${formatStops(place)} toward ${place < 0 ? 'darken' : 'lighten'}`;
}

/** What a dial that stands beside the film's speed does, and that it stands at it. */
function dialNote(speeds: readonly number[], iso: number, film: Film): string {
	const neutral = neutralOn(speeds, film);
	if (iso === neutral) return 'this film';
	const stops = Math.log2(neutral / iso);
	return `${formatStops(stops)} to ${stops > 0 ? 'lighten' : 'darken'}`;
}

function dialRows(camera: Camera, outcome: Outcome, film: Film | undefined): SettingRow[] {
	const eye = automaticExposure(camera);
	if (!eye || outcome.handTimed || outcome.manual) return [];
	const rows: SettingRow[] = [];
	if (outcome.compensation !== null) {
		rows.push({ name: 'Wheel', value: wheelInWords(outcome.compensation), note: '', must: true });
	}
	const speeds = dialSpeeds(camera);
	if (speeds.length > 1 && outcome.iso !== null) {
		const note = film ? dialNote(speeds, outcome.iso, film) : '';
		rows.push({ name: 'Dial', value: `ISO ${outcome.iso}`, note, must: true });
	}
	return rows;
}

/** The zone that comes out sharp, in words. */
export function sharpInWords({ from, to }: Outcome['sharp']): string {
	return to === null
		? `sharp from ${formatDistance(from)} on`
		: `sharp ${formatDistance(from)} to ${formatDistance(to)}`;
}

function focusRow(outcome: Outcome): SettingRow {
	const { focus, sharp } = outcome;
	if (!focus) return { name: 'Focus', value: 'fixed', note: sharpInWords(sharp) };
	const value = focus.label ?? formatDistance(focus.distance);
	return { name: 'Focus', value, note: sharpInWords(sharp), must: true };
}

function holdRow(camera: Camera, outcome: Outcome, handheld: boolean): SettingRow {
	const slowest = slowestByHand(camera);
	const limit = Number.isFinite(slowest) ? `steady to ${formatTime(nearestMark(markedTimes, slowest))}` : '';
	if (!handheld) return { name: 'Hold', value: 'on a tripod', note: '', must: true };
	const shakes = isSpoiledBy(outcome, 'shake');
	return { name: 'Hold', value: shakes ? 'needs a tripod' : 'hand-held', note: limit, must: shakes };
}

/** Rings are marked in full stops; an eighth of a stop is as near as a hand sets them. */
const NEAR_ENOUGH = 1 / 8;

/** Where an f-number lies on a ring that turns freely: on a full stop, or between two. */
function placeOnRing(f: number): string {
	const stopsFrom = (mark: number) => 2 * Math.log2(f / mark);
	if (fullStopApertures.some((mark) => Math.abs(stopsFrom(mark)) <= NEAR_ENOUGH)) return '';
	const above = fullStopApertures.findIndex((mark) => mark > f);
	return above > 0 ? `between ${fullStopApertures[above - 1]} and ${fullStopApertures[above]}` : '';
}

function apertureNote(camera: Camera, outcome: Outcome): string {
	const label = markLabel(camera, outcome.f, outcome.position);
	if (label) return camera.positions?.length ? '' : `${label} mark`;
	if (camera.aperture.kind === 'range') return placeOnRing(outcome.f);
	return camera.aperture.kind === 'fixed' && !camera.positions?.length ? 'fixed' : '';
}

function apertureRow(camera: Camera, outcome: Outcome): SettingRow {
	const value = apertureInWords(camera, outcome);
	if (!byEye(camera, outcome, 'aperture')) {
		const must = !controlsOf(camera, outcome.manual).every(({ aperture }) => single(aperture));
		return { name: 'Aperture', value, note: apertureNote(camera, outcome), must };
	}
	return { name: 'Aperture', value: `about ${value}`, note: 'the eye' };
}

/**
 * What an eye wanted when it ran into a limit, and that nothing on it helps.
 *
 * @returns an empty text where it did not
 * @example clampedInWords(…) // 'It needs 1/4000 s but stops at 1/500 s, 3 stops short: the wheel can’t help.'
 */
export function clampedInWords(camera: Camera, light: Light, intent: Intent, outcome: Outcome): string {
	const eye = automaticExposure(camera);
	if (!eye || !outcome.clamped || outcome.iso === null) return '';
	const offset = offsetOf(camera, outcome.compensation, outcome.iso).stops;
	const aim = aimOf(eye, outcome.iso, outcome.compensation ?? 0, offset, intent.filters ?? []);
	const beyond = askedBy(aim, resolveLight(light).meterEv) - settingsEv(outcome.f, outcome.seconds);
	if (Math.abs(beyond) < 1 / 6) return '';
	const short = `${stopsInWords(beyond)} short`;
	const helps = outcome.compensation === null ? '' : ': the wheel can’t help';
	if (outcome.clamped === 'widest' || outcome.clamped === 'smallest') {
		const wanted = nearestMark(markedApertures, outcome.f * 2 ** (beyond / 2));
		return `It needs ${formatAperture(wanted)} but stops at ${formatAperture(outcome.f)}, ${short}${helps}.`;
	}
	const wanted = formatTime(nearestMark(markedTimes, outcome.seconds * 2 ** -beyond));
	return `It needs ${wanted} but stops at ${timeInWords(camera, outcome)}, ${short}${helps}.`;
}

/**
 * What to set for an outcome, in the order in which hands do it.
 *
 * @param handheld whether it will be held by hand
 * @param on the film in it, and what is before the lens
 * @example settingRows(a plastic camera, at f/11, true)[0] // { name: 'Aperture', value: 'f/11', note: 'sun mark' }
 */
export function settingRows(
	camera: Camera,
	outcome: Outcome,
	handheld: boolean,
	{
		film,
		filters = [],
		closeUp
	}: { film?: Film; filters?: readonly Filter[]; closeUp?: { name: string } } = {}
): SettingRow[] {
	const before = [...filters, ...(closeUp ? [closeUp] : [])].map(({ name }) => name);
	const lever = (camera.positions?.length ?? 0) > 1 && outcome.position !== null;
	return [
		...(lever ? [{ name: 'Lever', value: outcome.position!, note: '', must: true }] : []),
		apertureRow(camera, outcome),
		shutterRow(camera, outcome),
		...dialRows(camera, outcome, film),
		...(before.length > 0 ? [{ name: 'On the lens', value: before.join(', '), note: '', must: true }] : []),
		focusRow(outcome),
		holdRow(camera, outcome, handheld)
	];
}

/** An f-number as it is marked on the camera, with its own word where it has one. */
export function apertureInShort(camera: Camera, f: number, position: string | null): string {
	const label = markLabel(camera, f, position);
	return `${apertureInWords(camera, { f, seconds: 1 })}${label ? ` ${label}` : ''}`;
}

/** The wheel behind a comma, where it is turned. */
export const wheelInShort = (compensation: number | null): string =>
	compensation ? `, wheel ${wheelInWords(compensation)}` : '';

/** The dial behind a comma, where there is one to set. */
export const dialInShort = (camera: Camera, iso: number | null): string =>
	iso !== null && dialSpeeds(camera).length > 1 ? `, dial ISO ${iso}` : '';

/**
 * Settings in one short line, for a lane or a list.
 *
 * @example settingsInShort(a plastic camera, { f: 11, seconds: 0.01, position: null }) // 'f/11 sun, 1/100 s'
 */
export function settingsInShort(
	camera: Camera,
	{
		f,
		seconds,
		position = null,
		compensation = null,
		iso = null,
		handTimed = false,
		manual = false
	}: Pick<Outcome, 'f' | 'seconds'> &
		Partial<Pick<Outcome, 'position' | 'compensation' | 'iso' | 'handTimed' | 'manual'>>
): string {
	const made = { f, seconds, handTimed, manual };
	const eye = automaticExposure(camera) !== null && !handTimed && !manual;
	const wheel = wheelInShort(eye ? compensation : null);
	const time = `${eye ? 'about ' : ''}${timeInWords(camera, made)}`;
	const dial = dialInShort(camera, eye ? iso : null);
	return `${apertureInShort(camera, f, position)}, ${time}${wheel}${dial}`;
}

const spanInWords = (span: Span, format: (value: number) => string) =>
	typeof span === 'number' ? format(span) : `${format(span[0])} to ${format(span[1])}`;

/** Whether all lanes have the same of something. */
const shared = <T>(lanes: readonly Lane[], of: (lane: Lane) => T) =>
	lanes.every((lane) => String(of(lane)) === String(of(lanes[0])));

/**
 * Names lanes: only what tells one from its neighbours.
 *
 * @param lanes all lanes of the camera
 * @example laneNamer(a plastic camera with bulb, lanes)(lanes[1]) // 'f/11 sun'
 */
export function laneNamer(camera: Camera, lanes: readonly Lane[]): (lane: Lane) => string {
	const timed = lanes.filter((each) => !each.handTimed);
	const one = {
		aperture:
			shared(lanes, ({ settings }) => settings.f) && shared(lanes, ({ settings }) => settings.position),
		dial: shared(timed, ({ settings }) => settings.iso),
		wheel: shared(timed, ({ settings }) => settings.compensation),
		time: shared(timed, ({ settings }) => settings.seconds)
	};
	return ({ settings: { f, seconds, position, compensation, iso }, handTimed }) => {
		const label = typeof f === 'number' ? markLabel(camera, f, position) : position;
		const parts: string[] = [];
		if (!one.aperture) parts.push(`${spanInWords(f, formatAperture)}${label ? ` ${label}` : ''}`);
		if (handTimed) return [...parts, 'bulb'].join(', ');
		if (!one.dial) parts.push(`ISO ${iso}`);
		if (!one.wheel) parts.push(wheelInWords(compensation ?? 0));
		if (parts.length === 0 || !one.time) parts.push(spanInWords(seconds, formatTime));
		return parts.join(', ');
	};
}

/** Lanes with their names: what a script sees of a reach. */
export function namedLanes(camera: Camera, lanes: readonly Lane[]) {
	const nameOf = laneNamer(camera, lanes);
	return lanes.map((lane) => ({
		name: nameOf(lane),
		settings: lane.settings,
		handTimed: lane.handTimed,
		good: lane.good,
		usable: lane.usable
	}));
}
