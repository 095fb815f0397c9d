import { counted } from '$words';

/** A load as it lies on the shelf. */
export interface OnShelf {
	id: string;
	camera: string;
	film: string;
	loadedAt: string;
	inCamera: boolean;
	/** Frames that it holds, that were logged, and of those that were judged. */
	holds: number;
	taken: number;
	judged: number;
	/** Taken out, and not developed yet. */
	toDevelop: boolean;
}

/**
 * How far a load has come.
 *
 * @example standingInWords(8 frames of a pack of which 5 are taken, in its camera) // '5 of 8, in the camera'
 */
export function standingInWords({ inCamera, holds, taken, judged, toDevelop }: OnShelf): string {
	if (inCamera) return `${taken} of ${holds}, in the camera`;
	if (taken === 0) return 'nothing logged';
	const frames = counted(taken, 'one frame', '# frames');
	if (toDevelop) return `${frames}, to develop`;
	if (judged === taken) return `${frames}, judged`;
	return judged === 0 ? `${frames}, to judge` : `${frames}, ${taken - judged} to judge`;
}

/** What an address says of the page of loads that one stays on; nothing where that is the newest. */
export const pageOf = (after: string | null): string => (after ? `&after=${encodeURIComponent(after)}` : '');
