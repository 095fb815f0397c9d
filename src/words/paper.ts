import { runningNumber } from '../contract/loads';
import type { LoadOnPaper } from '../contract/paper';
import type { FrameRecord } from '../contract/records';
import { developedInWords, processInWords } from './develop';
import { filmTypeName } from './film';
import { frameSettings, numberInWords } from './frame';
import { dayOfMoment } from './moment';

/** What stands under each frame of a contact sheet. */
export const underFrame = (frame: FrameRecord, { load, camera }: LoadOnPaper) => ({
	number: numberInWords(load, frame.number),
	settings: frameSettings(camera, frame),
	said: frame.subject ?? frame.note ?? ''
});

/** From the first to the last of what has an order, or only one. */
function span<T>([first, ...more]: readonly T[], said: (one: T) => string): string {
	const last = more.at(-1);
	return last === undefined ? said(first) : `${said(first)} to ${said(last)}`;
}

/**
 * The days on which frames were taken, from the first of them to the last; empty where there are none.
 *
 * @example daysInWords(frames of two days) // '2 May 2026 to 3 May 2026'
 */
export function daysInWords(frames: readonly FrameRecord[], locale?: string): string {
	const days = [...new Set(frames.map(({ takenAt, zone }) => dayOfMoment(takenAt, { zone, locale })))];
	return days.length === 0 ? '' : span(days, String);
}

/** What a load was, line by line: the head of a contact sheet, and a sleeve's label. */
export function headOfLoad(
	{ load, camera, film }: LoadOnPaper,
	frames: readonly FrameRecord[],
	locale?: string
): { title: string; lines: string[] } {
	const places = [...new Set(frames.flatMap(({ where }) => where?.name ?? []))];
	const numbers = [
		...new Set([frames.at(0), frames.at(-1)].flatMap((frame) => (frame ? frame.number : [])))
	].flatMap((number) => runningNumber(load, number) ?? []);
	const when = daysInWords(frames, locale) || dayOfMoment(load.loadedAt, { locale });
	const was = [when, ...places, numbers.length > 0 && `no. ${span(numbers, String)}`];
	const made = load.developed
		? `. ${developedInWords(load.developed)}`
		: load.process
			? `, ${processInWords(load.process)}.`
			: '.';
	return {
		title: `${camera.name}, ${film.name}`,
		lines: [
			[...was, `${frames.length} of ${load.frames} frames`].filter(Boolean).join(' · '),
			[`ISO ${film.iso}, ${filmTypeName[film.type]}${made}`, load.note].filter(Boolean).join(' ')
		]
	};
}
