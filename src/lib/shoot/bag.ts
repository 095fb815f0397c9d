import { shotList, takenShots } from '$core/cine';
import { asLoaded } from '$core/film';
import type { LearntSoFar } from '$core/learn';
import type { Habit } from '$core/light';
import { reach, withLearnt, type Reach } from '$core/match';
import type { OwnDoubt } from '$core/practice';
import type {
	CameraRecord,
	FilmRecord,
	FrameRecord,
	GearRecord,
	LoadRecord,
	OutingRecord,
	PlaceRecord,
	ReadingRecord
} from '$contract/records';
import type { Kept } from '$lib/records/client';
import type { LoadLearnt } from '$views/learn/learnt';

/** A frame that is kept, or on its way; then it has no version yet. */
export type KnownFrame = FrameRecord & { id: string; version?: number };

/** What the pages load: records, from which everything shown is derived. */
export interface BagRecords {
	cameras: Kept<CameraRecord>[];
	films: Kept<FilmRecord>[];
	/** Loads that are in a camera now. */
	loads: Kept<LoadRecord>[];
	/** Frames of those loads, and of those outings. */
	frames: KnownFrame[];
	/** Filters, flashes and supports. */
	gear: Kept<GearRecord>[];
	/** The person's own doubts of readings by eye, where they want them used. */
	doubts: OwnDoubt[];
	/** What is taken off readings by their way, where they agreed to that. */
	habits: Record<string, Habit>;
	/** How often they have guessed a light in practice. */
	guesses: number;
	/** The last readings, newest first. */
	readings: Kept<ReadingRecord>[];
	/** Readings that have a name. */
	landmarks: Kept<ReadingRecord>[];
	/** Outings that are on Shoot, or may be. */
	outings: Kept<OutingRecord>[];
	/** The person's own places. */
	places: Kept<PlaceRecord>[];
	/** By load: what frames say of its camera with its film, where anything is known. */
	learnt: Record<string, LoadLearnt>;
}

/** A camera with its film, as a lane. */
export interface Loaded {
	id: string;
	load: Kept<LoadRecord>;
	camera: Kept<CameraRecord>;
	film: Kept<FilmRecord>;
	reach: Reach;
	/** Frames of the load, in order. */
	frames: KnownFrame[];
	/** What frames say of the camera with this film: camera and film have it already. */
	learnt: LearntSoFar | null;
	/** Whether a print of this load has changed that. */
	taughtHere: boolean;
	/** Number that the next frame gets. */
	next: number;
	left: number;
	/** Of cine film: what is left of it, s. */
	secondsLeft: number | null;
	finished: boolean;
}

function secondsLeftOf({ spool, flippedAfter }: LoadRecord, frames: readonly FrameRecord[]): number | null {
	return spool ? shotList(spool, [], takenShots(frames), flippedAfter).left : null;
}

function loadedOf(
	load: Kept<LoadRecord>,
	body: Kept<CameraRecord>,
	film: Kept<FilmRecord>,
	frames: Loaded['frames'],
	known: LoadLearnt | null
): Loaded {
	const { camera, film: taught } = known ? withLearnt(body, film, known.told) : { camera: body, film };
	const highest = Math.max(0, ...frames.map(({ number }) => number), ...(load.unknown ?? []));
	const left = Math.max(0, load.frames - highest);
	const secondsLeft = secondsLeftOf(load, frames);
	return {
		id: load.id,
		load,
		camera,
		film: taught,
		reach: reach(camera, taught),
		frames: frames.toSorted((a, b) => a.number - b.number),
		learnt: known?.told ?? null,
		taughtHere: known?.here ?? false,
		next: highest + 1,
		left,
		secondsLeft,
		finished: secondsLeft === null ? left === 0 : secondsLeft < 1
	};
}

/** The loaded cameras, by name, with what is left in each. */
export function loadedCameras({ cameras, films, loads, frames, learnt }: BagRecords): Loaded[] {
	const cameraById = new Map(cameras.map((camera) => [camera.id, camera]));
	const filmById = new Map(films.map((film) => [film.id, film]));
	const loaded = loads.flatMap((load): Loaded[] => {
		const camera = cameraById.get(load.cameraId);
		const box = filmById.get(load.filmId);
		if (!camera || !box || camera.archived) return [];
		const film = asLoaded(box, load);
		return [
			loadedOf(
				load,
				camera,
				film,
				frames.filter((frame) => frame.loadId === load.id),
				learnt[load.id] ?? null
			)
		];
	});
	return loaded.sort((a, b) => a.camera.name.localeCompare(b.camera.name));
}

/** What is left in a camera, in words. */
export function leftInWords({ finished, secondsLeft, left, load }: Loaded): string {
	if (finished) return 'roll finished';
	return secondsLeft === null ? `${left} of ${load.frames} left` : `${secondsLeft.toFixed(0)} s left`;
}
