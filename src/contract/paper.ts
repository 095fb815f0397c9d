import { developedInWords, filmTypeName, dayOfMoment, processInWords } from '../core/words';
import { frameSettings, numberInWords } from './frame-words';
import { runningNumber } from './loads';
import type { CameraRecord, FilmRecord, FrameRecord, LoadRecord } from './records';

/** Papers that printers take, mm. Sources: ISO 216; ANSI/ASME Y14.1. */
export const papers = {
	a4: { name: 'A4', width: 210, height: 297 },
	letter: { name: 'Letter', width: 215.9, height: 279.4 }
} as const;
export type Paper = keyof typeof papers;

/** What a load can be on paper. */
export const sheetKinds = {
	sheet: 'contact sheet',
	label: 'sleeve label',
	captions: 'captions for prints'
} as const;
export type SheetKind = keyof typeof sheetKinds;

/** Which frames of a load go on paper. */
export type SheetFrames = 'all' | 'kept';

/** A load with what it was shot with. */
export interface LoadOnPaper {
	load: LoadRecord;
	camera: CameraRecord;
	film: FilmRecord;
}

/** Frames beside each other on a contact sheet: as many as let a roll stand on one page. */
export const sheetColumns = (frames: number): number => (frames <= 9 ? 3 : frames <= 16 ? 4 : 6);

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
