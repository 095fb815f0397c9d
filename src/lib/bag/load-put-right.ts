import { asLoaded } from '$core/film';
import type { CameraRecord, FilmRecord, FrameRecord, LoadRecord } from '$contract/records';
import { withPrediction } from '$contract/predicted';
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
	load: Pick<LoadRecord, 'process' | 'aged'>
): Kept<FrameRecord> {
	const inside = asLoaded(film, load);
	const { id, name, iso } = film;
	const { processStops } = inside;
	const onIt = { id, name, iso, ...(processStops === undefined ? {} : { processStops }) };
	return withPrediction(camera, inside, { ...frame, film: onIt });
}
