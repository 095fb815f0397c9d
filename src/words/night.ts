import { HAND_TIMING_SECONDS, handTimingDoubt } from '../core/camera';
import type { Stack, TooDark } from '../core/night';
import { formatStops, formatTime, markedTimes, nearestMark, NO_THIRD, stopsInWords } from '../core/units';
import { listed } from './language';

/**
 * Whether it is too dark to go on.
 *
 * @param clock how an instant is said
 * @example tooDarkInWords({ now: true, at: …, spare: -2 }, clock) // 'Too dark to go on, by 2; since about 21:10.'
 */
export function tooDarkInWords({ now, at, spare }: TooDark, clock: (at: number) => string): string {
	const amount = Math.abs(spare) < NO_THIRD ? 'just' : `by ${formatStops(Math.abs(spare))}`;
	if (now) {
		const by = amount === 'just' ? 'just ' : '';
		return `${by ? 'Just too' : 'Too'} dark to go on${by ? '' : `, ${amount}`}${at === null ? '' : `; since about ${clock(at)}`}.`;
	}
	const spareWords = amount === 'just' ? 'Just enough light' : `${stopsInWords(spare)} to spare`;
	return at === null ? `${spareWords}.` : `${spareWords}; too dark from about ${clock(at)}.`;
}

/**
 * Filters and the time behind them, as it is marked.
 *
 * @example stackInWords({ filters: [{ name: 'ND 0.6', … }], stops: 2, seconds: 4 }) // 'ND 0.6: 4 s'
 */
export function stackInWords({ filters, seconds }: Stack): string {
	const names = filters.length === 0 ? 'without a filter' : listed(filters.map(({ name }) => name));
	return `${names}: ${formatTime(nearestMark(markedTimes, seconds))}`;
}

/**
 * What counting by hand does to a short time, in stops.
 *
 * @example handDoubtInWords(0.5) // 'A hand is off by about 0.2 s, and that is ⅔ stop at ½ s.'
 */
export function handDoubtInWords(seconds: number): string {
	const off = formatStops(handTimingDoubt(seconds));
	return `Timing by hand is off by about ${HAND_TIMING_SECONDS} s: ${off} stop at ${formatTime(seconds)}.`;
}

/**
 * Length of a trail in the picture.
 *
 * @param part of the frame's width
 * @example trailInWords(0.5) // 'half of the frame'
 */
export function trailInWords(part: number): string {
	if (part >= 1)
		return `${part < 10 ? part.toFixed(1) : part.toFixed(0)} × the frame: it crosses the whole picture`;
	if (part >= 0.45) return part < 0.55 ? 'half of the frame' : `${Math.round(part * 10)} tenths of the frame`;
	if (part >= 0.05) return `1/${Math.round(1 / part)} of the frame`;
	return 'a dot';
}
