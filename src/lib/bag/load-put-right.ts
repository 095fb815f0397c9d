import { inProcess } from '$core/film';
import { outcomeAt } from '$core/match';
import type { CameraRecord, FilmRecord, FrameRecord, LoadRecord } from '$contract/records';
import type { Kept } from '$lib/records/client';

/** The highest frame that is taken of a load, noted or not. */
export const highestNumber = (
	{ unknown = [] }: Pick<LoadRecord, 'unknown'>,
	frames: readonly Pick<FrameRecord, 'number'>[]
): number => Math.max(0, ...frames.map(({ number }) => number), ...unknown);

/** A frame as it is once it turns out which film it was taken on: what was set and judged stays. */
export function withFilm(
	frame: Kept<FrameRecord>,
	camera: CameraRecord,
	film: Kept<FilmRecord>,
	{ process }: Pick<LoadRecord, 'process'>
): Kept<FrameRecord> {
	const inside = inProcess(film, process);
	const { light, settings, handheld, filters, exposures, closeUp, distance, flash } = frame;
	const intent = { handheld, filters, exposures, closeUp: closeUp?.dioptres, subjectDistance: distance };
	const made = { ...settings, ...(typeof flash === 'object' ? { flash } : {}) };
	const { id, name, iso } = film;
	const { processStops } = inside;
	return {
		...frame,
		film: { id, name, iso, ...(processStops === undefined ? {} : { processStops }) },
		predicted: outcomeAt(camera, inside, light, intent, made)
	};
}
