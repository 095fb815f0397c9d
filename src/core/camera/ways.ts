import { markedApertures, markedTimes } from '../units';
import { wheelPlaces } from './eye';

/** What of a camera makes the number of its settings; any of it may be missing, or wrong. */
export interface PartsOfCamera {
	aperture?: unknown;
	shutter?: unknown;
	positions?: unknown;
	bulb?: unknown;
	exposure?: unknown;
}

type Fields = Readonly<Record<string, unknown>>;

const fieldsOf = (value: unknown): Fields =>
	typeof value === 'object' && value !== null ? (value as Fields) : {};
const numberOf = (value: unknown) => (typeof value === 'number' ? value : NaN);
const lengthOf = (value: unknown) => (Array.isArray(value) ? value.length : 0);

/** Marks of a series and both ends: no more than marksBetween gives. */
const ofSeries = (series: readonly number[], from: unknown, to: unknown) =>
	series.filter((mark) => mark > numberOf(from) && mark < numberOf(to)).length + 2;

function apertures(value: unknown): number {
	const { kind, f, widest, smallest } = fieldsOf(value);
	if (kind === 'stops') return lengthOf(f);
	return kind === 'range' ? ofSeries(markedApertures, widest, smallest) : 1;
}

function times(value: unknown): number {
	const { kind, seconds, fastest, slowest } = fieldsOf(value);
	if (kind === 'speeds') return lengthOf(seconds);
	return kind === 'range' ? ofSeries(markedTimes, fastest, slowest) : 1;
}

/** The places of a wheel that nobody has looked at yet; see wheelPlaces. */
export function clicksOf(value: unknown): number {
	const { darken, lighten, step } = fieldsOf(value);
	return wheelPlaces({ darken: numberOf(darken), lighten: numberOf(lighten), step: numberOf(step) });
}

/** What an eye leaves to the hand. */
function leftToHand(exposure: Fields, f: number, seconds: number): number {
	const { compensation, iso, sets } = exposure;
	const places = compensation == null ? 1 : clicksOf(compensation);
	const hand = sets === 'time' ? f : sets === 'aperture' ? seconds : 1;
	return hand * Math.max(1, lengthOf(iso)) * places;
}

/**
 * In how many ways a camera can be set, at most, by arithmetic: asked before its settings are listed,
 * and of a camera that nobody has looked at yet.
 *
 * @returns settings; a number that is none where the camera's are none
 * @example waysToSet(a camera with three apertures and a wheel of five places whose eye sets the time) // 15
 */
export function waysToSet(camera: PartsOfCamera | null | undefined): number {
	if (!camera) return 0;
	const exposure = fieldsOf(camera.exposure);
	const places = Array.isArray(camera.positions) && camera.positions.length > 0 ? camera.positions : [null];
	const ways = places.map((place) => {
		const lever = fieldsOf(place);
		const f = lever.f === undefined ? apertures(camera.aperture) : 1;
		const seconds = lever.seconds === undefined ? times(camera.shutter) : 1;
		const timed = exposure.mode === 'auto' ? leftToHand(exposure, f, seconds) : f * seconds;
		const { longest } = fieldsOf(camera.bulb);
		return timed + (camera.bulb ? f * ofSeries(markedTimes, 0.5, longest ?? 3600) : 0);
	});
	return ways.reduce((sum, each) => sum + each, 0);
}
