import { controlsOf, isHandTimed, markLabel, slowestByHand, type Camera } from '../camera';
import type { Lane, Outcome, Span } from '../match';
import { formatAperture, formatDistance, formatTime, fullStopApertures } from '../units';

/** How settings are said, as they are marked on the camera. */

/** One line of the Do column. */
export interface SettingRow {
	name: string;
	value: string;
	note: string;
}

/**
 * Whether there is anything on the camera to set: one aperture, one time, no bulb, no focus.
 *
 * @example nothingToSet(a point-and-shoot) // true
 */
export function nothingToSet(camera: Camera): boolean {
	const [control, ...others] = controlsOf(camera);
	const single = [control.aperture, control.shutter].every(
		(axis) => axis.kind === 'listed' && axis.values.length === 1
	);
	return single && others.length === 0 && camera.focus.kind === 'fixed';
}

function shutterNote(camera: Camera, outcome: Outcome): string {
	const timed = controlsOf(camera).filter((control) => !control.handTimed);
	if (isHandTimed(camera, outcome.seconds)) return 'bulb, count it';
	return timed.every((control) => control.shutter.kind === 'listed' && control.shutter.values.length === 1)
		? 'fixed'
		: '';
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
	return { name: 'Focus', value: focus.label ?? formatDistance(focus.distance), note: sharpInWords(sharp) };
}

function holdRow(camera: Camera, outcome: Outcome, handheld: boolean): SettingRow {
	const slowest = slowestByHand(camera);
	const limit = Number.isFinite(slowest) ? `steady to ${formatTime(slowest)}` : '';
	if (!handheld) return { name: 'Hold', value: 'on a support', note: '' };
	const shakes = outcome.spoilers.includes('shake');
	return { name: 'Hold', value: shakes ? 'needs a support' : 'by hand', note: limit };
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
	if (label) return `${label} mark`;
	if (camera.aperture.kind === 'range') return placeOnRing(outcome.f);
	return camera.aperture.kind === 'fixed' && !camera.positions?.length ? 'fixed' : '';
}

/**
 * What to set for an outcome, in the order in which hands do it.
 *
 * @param handheld whether it will be held by hand
 * @example settingRows(a plastic camera, at f/11, true)[0] // { name: 'Aperture', value: 'f/11', note: 'sun mark' }
 */
export function settingRows(camera: Camera, outcome: Outcome, handheld: boolean): SettingRow[] {
	return [
		{ name: 'Aperture', value: formatAperture(outcome.f), note: apertureNote(camera, outcome) },
		{ name: 'Shutter', value: formatTime(outcome.seconds), note: shutterNote(camera, outcome) },
		focusRow(outcome),
		holdRow(camera, outcome, handheld)
	];
}

/**
 * Settings in one short line, for a lane or a list.
 *
 * @example settingsInShort(a plastic camera, { f: 11, seconds: 0.01, position: null }) // 'f/11 sun, 1/100 s'
 */
export function settingsInShort(
	camera: Camera,
	{ f, seconds, position = null }: { f: number; seconds: number; position?: string | null }
): string {
	const label = markLabel(camera, f, position);
	return `${formatAperture(f)}${label ? ` ${label}` : ''}, ${formatTime(seconds)}`;
}

const spanInWords = (span: Span, format: (value: number) => string) =>
	typeof span === 'number' ? format(span) : `${format(span[0])} to ${format(span[1])}`;

/**
 * The name of a lane: only what tells it from its neighbours.
 *
 * @param lanes all lanes of the camera
 * @example laneName(a plastic camera with bulb, lane, lanes) // 'f/11 sun'
 */
export function laneName(camera: Camera, lane: Lane, lanes: readonly Lane[]): string {
	const { f, seconds, position } = lane.settings;
	const label = typeof f === 'number' ? markLabel(camera, f, position) : position;
	const aperture = `${spanInWords(f, formatAperture)}${label ? ` ${label}` : ''}`;
	const time = lane.handTimed ? 'bulb' : spanInWords(seconds, formatTime);
	const oneAperture = lanes.every((other) => String(other.settings.f) === String(f));
	const oneTime = lanes
		.filter((other) => !other.handTimed)
		.every((other) => String(other.settings.seconds) === String(seconds));
	if (oneAperture) return time;
	return oneTime && !lane.handTimed ? aperture : `${aperture}, ${time}`;
}
