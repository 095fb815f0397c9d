import type { Film } from '$core/film';
import { reach, type Reach } from '$core/match';
import type {
	CameraRecord,
	FilmRecord,
	FrameRecord,
	GearRecord,
	LoadRecord,
	PlaceRecord,
	ReadingRecord
} from '$contract/records';
import type { Kept } from '$lib/records/client';

/** What the pages load: records, from which everything shown is derived. */
export interface BagRecords {
	cameras: Kept<CameraRecord>[];
	films: Kept<FilmRecord>[];
	/** Loads that are in a camera now. */
	loads: Kept<LoadRecord>[];
	/** Frames of those loads. */
	frames: (FrameRecord & { id: string })[];
	/** Filters, flashes and supports. */
	gear: Kept<GearRecord>[];
	/** The last readings, newest first. */
	readings: Kept<ReadingRecord>[];
	/** Readings that have a name. */
	landmarks: Kept<ReadingRecord>[];
	/** The person's own places. */
	places: Kept<PlaceRecord>[];
}

/** A camera with its film, as a lane. */
export interface Loaded {
	id: string;
	load: Kept<LoadRecord>;
	camera: Kept<CameraRecord>;
	film: Kept<Film>;
	reach: Reach;
	/** Number that the next frame gets. */
	next: number;
	left: number;
	finished: boolean;
}

/** The loaded cameras, by name, with what is left in each. */
export function loadedCameras({ cameras, films, loads, frames }: BagRecords): Loaded[] {
	const cameraById = new Map(cameras.map((camera) => [camera.id, camera]));
	const filmById = new Map(films.map((film) => [film.id, film]));
	const loaded = loads.flatMap((load): Loaded[] => {
		const camera = cameraById.get(load.cameraId);
		const film = filmById.get(load.filmId);
		if (!camera || !film || camera.archived) return [];
		const own = frames.filter((frame) => frame.loadId === load.id);
		const highest = Math.max(0, ...own.map((frame) => frame.number));
		const left = Math.max(0, load.frames - highest);
		return [
			{
				id: load.id,
				load,
				camera,
				film,
				reach: reach(camera, film),
				next: highest + 1,
				left,
				finished: left === 0
			}
		];
	});
	return loaded.sort((a, b) => a.camera.name.localeCompare(b.camera.name));
}
