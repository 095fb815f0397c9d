import { automaticExposure, type Camera } from '../core/camera';
import { counted } from './language';
import type { BestHours, PlanWindow } from '../core/plan';
import { formatAperture, formatTime, markedApertures, markedTimes, nearestMark } from '../core/units';
import { apertureInShort, wheelInShort } from './settings';

/** Times nearer than this are one, as a factor. */
const SAME = 1.12;

function timesInWords(camera: Camera, [from, to]: [number, number], handTimed: boolean): string {
	const usual = (seconds: number) => formatTime(nearestMark(markedTimes, seconds));
	const byHand = handTimed ? ', counted' : '';
	const about = automaticExposure(camera) && !handTimed ? 'about ' : '';
	if (to / from < SAME) return `${about}${usual(from)}${byHand}`;
	return `${about}${usual(from)} to ${usual(to)}${byHand}`;
}

/** An aperture, or those that it goes through, nearest to what is marked. */
function aperturesInWords(camera: Camera, [from, to]: [number, number], position: string | null): string {
	if (to / from < SAME) return apertureInShort(camera, from, position);
	const mark = (f: number) => formatAperture(nearestMark(markedApertures, f));
	return `${mark(from)} to ${mark(to)}`;
}

/** Windows that touch and work alike, each in its own setting. */
export function runsOf(windows: readonly PlanWindow[]): PlanWindow[][] {
	const runs: PlanWindow[][] = [];
	for (const window of windows) {
		const before = runs[runs.length - 1]?.at(-1);
		const alike = before && before.verdict === window.verdict && before.steady === window.steady;
		if (alike && Date.parse(before.to) >= Date.parse(window.from)) runs[runs.length - 1].push(window);
		else runs.push([window]);
	}
	return runs;
}

/**
 * How a camera is set in a window of the day, or in several that touch.
 *
 * @param run at least one
 * @example windowInWords(a folding instant camera, [window]) // 'f/8, about 1/100 s to 1/30 s, wheel ½ toward darken, by hand'
 */
export function windowInWords(camera: Camera, run: readonly PlanWindow[]): string {
	const [{ settings, steady }] = run;
	const over = (span: 'fRange' | 'seconds'): [number, number] => {
		const ends = run.flatMap((window) => window.settings[span]);
		return [Math.min(...ends), Math.max(...ends)];
	};
	const byHand = run.some((window) => window.settings.handTimed);
	const hold = steady === 'hand' ? 'hand-held' : 'on a tripod';
	const one = (value: 'position' | 'compensation') =>
		run.every((window) => window.settings[value] === settings[value]);
	const aperture = aperturesInWords(
		camera,
		over('fRange'),
		one('position') ? (settings.position ?? null) : null
	);
	const wheel = one('compensation') ? wheelInShort(settings.compensation) : ', wheel to suit the light';
	return `${aperture}, ${timesInWords(camera, over('seconds'), byHand)}${wheel}, ${hold}`;
}

/**
 * The hours of a day that are best for what is loaded, in one sentence.
 *
 * @param of how many cameras there are
 * @param clock writes an instant as the place's clock shows it
 * @example bestInWords(best, 8, clock) // 'Best 09:10 to 15:40: 7 of 8 cameras are just enough, hand-held.'
 */
export function bestInWords(best: BestHours | null, of: number, clock: (at: string) => string): string {
	if (!best) return counted(of, 'It’s never just enough that day.', 'No camera is just enough that day.');
	const { from, to, count, steady } = best;
	const all = of === 2 ? 'both cameras' : `all ${of} cameras`;
	const who = count === of ? all : `${count} of ${of} cameras`;
	const are = of === 1 ? '' : `${who} ${counted(count, 'is', 'are')} `;
	return `Best ${clock(from)} to ${clock(to)}: ${are}just enough, ${steady === 'hand' ? 'hand-held' : 'on a tripod'}.`;
}

/**
 * When a camera works on a day, in one sentence.
 *
 * @param clock writes an instant as the place's clock shows it
 * @example dayInWords(windows, clock) // 'Works 09:10 to 16:40, 17:35 to 17:50.'
 */
export function dayInWords(windows: readonly PlanWindow[], clock: (at: string) => string): string {
	if (windows.length === 0) return 'As it’s set, it won’t work that day.';
	const runs: { from: string; to: string }[] = [];
	for (const { from, to } of windows) {
		const last = runs[runs.length - 1];
		if (last && Date.parse(last.to) >= Date.parse(from)) last.to = to;
		else runs.push({ from, to });
	}
	const said = runs.map(({ from, to }) => `${clock(from)} to ${clock(to)}`);
	return `Works ${said.join(', ')}.`;
}
