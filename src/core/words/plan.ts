import { automaticExposure, isHandTimed, type Camera } from '../camera';
import type { PlanWindow } from '../plan';
import { formatTime, markedTimes, nearestMark } from '../units';
import { apertureInShort, wheelInShort } from './settings';

/** Times nearer than this are one, as a factor. */
const SAME = 1.12;

function timesInWords(camera: Camera, [from, to]: [number, number]): string {
	const usual = (seconds: number) => formatTime(nearestMark(markedTimes, seconds));
	const counted = isHandTimed(camera, to) ? ', counted' : '';
	const about = automaticExposure(camera) ? 'about ' : '';
	if (to / from < SAME) return `${about}${usual(from)}${counted}`;
	return `${about}${usual(from)} to ${usual(to)}${counted}`;
}

/**
 * How a camera is set in a window of the day.
 *
 * @example windowInWords(a folding instant camera, …) // 'f/8, about 1/100 s to 1/30 s, wheel ½ toward darken, by hand'
 */
export function windowInWords(camera: Camera, { settings, steady }: PlanWindow): string {
	const { f, seconds, compensation, position } = settings;
	const hold = steady === 'hand' ? 'by hand' : 'on a support';
	const aperture = apertureInShort(camera, f, position);
	return `${aperture}, ${timesInWords(camera, seconds)}${wheelInShort(compensation)}, ${hold}`;
}

/**
 * When a camera works on a day, in one sentence.
 *
 * @param clock writes an instant as the place's clock shows it
 * @example dayInWords(windows, clock) // 'Works 09:10 to 16:40, 17:35 to 17:50.'
 */
export function dayInWords(windows: readonly PlanWindow[], clock: (at: string) => string): string {
	if (windows.length === 0) return 'Does not work on this day as it is.';
	const runs: { from: string; to: string }[] = [];
	for (const { from, to } of windows) {
		const last = runs[runs.length - 1];
		if (last && Date.parse(last.to) >= Date.parse(from)) last.to = to;
		else runs.push({ from, to });
	}
	const said = runs.map(({ from, to }) => `${clock(from)} to ${clock(to)}`);
	return `Works ${said.join(', ')}.`;
}
