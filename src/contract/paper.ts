import type { CameraRecord, FilmRecord, LoadRecord } from './records';

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
