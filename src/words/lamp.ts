import type { FloorMark } from '../core/studio';
import { formatDistance, formatStops, stopsInWords } from '../core/units';

const kinds: Readonly<Record<FloorMark['kind'], string>> = {
	nearest: 'nearer is too light',
	'nearest-good': 'good from here',
	middle: 'just right',
	'farthest-good': 'good to here',
	farthest: 'farther is too dark'
};

/**
 * A mark on the floor in words, for its tape.
 *
 * @example floorMarkInWords({ distance: 1, stops: 0, kind: 'middle' }) // '1 m: just right'
 */
export function floorMarkInWords({ distance, kind }: FloorMark): string {
	return `${formatDistance(distance)}: ${kinds[kind]}`;
}

/** Less than this is not seen, stops. */
const UNSEEN = 1 / 3;

/**
 * What becomes of the background.
 *
 * @param falloff stops that it is darker
 * @example backgroundFalloffInWords(2) // 'The background gets 2 stops less: dark.'
 */
export function backgroundFalloffInWords(falloff: number): string {
	if (falloff < UNSEEN) return 'The background gets nearly the same light.';
	const looks = falloff < 1 ? 'a little darker' : falloff < 2 ? 'darker' : falloff < 4 ? 'dark' : 'black';
	return `The background gets ${stopsInWords(falloff)} less: ${looks}.`;
}

/**
 * How far the two sides of a face are apart.
 *
 * @param ratio stops
 * @example sidesInWords(2) // 'The shadow side is 2 darker: modelled.'
 */
export function sidesInWords(ratio: number): string {
	const looks = ratio < 1 ? 'flat' : ratio < 1.75 ? 'soft' : ratio < 2.75 ? 'modelled' : 'hard';
	return `The shadow side is ${formatStops(ratio)} darker: ${looks}.`;
}
