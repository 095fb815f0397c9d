import type { FilmType } from '$core/film';
import type { LearntSoFar } from '$core/learn';
import type { PictureOwner, PictureRecord } from '$contract/pictures';
import type {
	CameraRecord,
	ExerciseRecord,
	FilmRecord,
	FrameRecord,
	GearRecord,
	LoadRecord,
	MeasurementRecord,
	OutingRecord,
	PlaceRecord,
	ReadingRecord,
	RecipeRecord,
	SettingsRecord,
	Stored
} from '$contract/records';
import type { BackupsTold } from '$contract/backups';
import type { FlashLesson } from './learn/flash-lessons';
import type { Honesty, HonestyAsked } from './learn/honesty';
import type { Lesson, Ways } from './learn/lesson';
import type { KeptLog, LogAsked } from './learn/log';
import type { FramesAsked } from './frames-list';

/** A record as it is kept, with its id and version. */
export type Kept<T> = T & Stored;

/** At hand, or to be waited for: a server has its records beside it, a browser asks its own store. */
export type Now<T> = T | Promise<T>;

/** Records of a kind of which a person has few. */
export interface Few<T> {
	get(id: string): Now<Kept<T> | undefined>;
	/** All of them, in the order of their list. */
	all(): Now<Kept<T>[]>;
}

/** One kind of practice of the course. */
export type ExerciseOf<K extends ExerciseRecord['kind']> = Kept<Extract<ExerciseRecord, { kind: K }>>;

/** Frames of a load. */
export interface Tally {
	taken: number;
	judged: number;
}

/** What is learnt from frames is asked with a film, and may be of a load, or of a way of reading. */
export interface LearntAsked {
	film: string;
	load?: string;
	way?: string;
}

/** All that views ask of the records, wherever those are kept. */
export interface ViewRecords {
	cameras: Few<CameraRecord>;
	films: Few<FilmRecord>;
	/** By kind, and by name. */
	gear: Few<GearRecord>;
	recipes: Few<RecipeRecord>;
	places: Few<PlaceRecord>;
	/** The latest first. */
	outings: Few<OutingRecord>;
	loads: {
		get(id: string): Now<Kept<LoadRecord> | undefined>;
		inCameras(): Now<Kept<LoadRecord>[]>;
		ofCamera(id: string): Now<Kept<LoadRecord>[]>;
		/** A page of all, the last loaded first; null where `after` is not what a page gave. */
		page(limit: number, after: string | null): Now<{ items: Kept<LoadRecord>[]; next: string | null } | null>;
		/** Of films of some types, not developed yet, the last one first. */
		waiting(types: readonly FilmType[], most: number): Now<Kept<LoadRecord>[]>;
		/** What was developed last. */
		developed(most: number): Now<Kept<LoadRecord>[]>;
		/** Which camera took which film, the last one first. */
		taken(): Now<{ camera: string; film: string }[]>;
		/** The last load of a film, and the last price that was said of one. */
		lastOf(film: string): Now<{ load: Kept<LoadRecord>; price?: number } | undefined>;
		/** When a film was loaded, in any order. */
		timesOf(film: string): Now<string[]>;
		/** The load that was shot on last; null where nothing was. */
		lastShot(): Now<string | null>;
		/** How many frames of some loads were logged, and how many of those judged; none where nothing was. */
		tallies(ids: readonly string[]): Now<Readonly<Record<string, Tally>>>;
		/** The last running number that was given; null where nobody counts on. */
		lastNumber(): Now<number | null>;
	};
	frames: {
		get(id: string): Now<Kept<FrameRecord> | undefined>;
		/** By their numbers. */
		ofLoad(id: string): Now<Kept<FrameRecord>[]>;
		ofOuting(id: string): Now<Kept<FrameRecord>[]>;
		/** A page of all, as an address asks for it. */
		asked(query: string): Now<FramesAsked>;
	};
	readings: {
		last(most: number): Now<Kept<ReadingRecord>[]>;
		/** Those that have a name. */
		landmarks(): Now<Kept<ReadingRecord>[]>;
	};
	/** What the person set; absent: all is as usual. */
	settings(): Now<Kept<SettingsRecord> | undefined>;
	exercises: {
		last(most: number): Now<Kept<ExerciseRecord>[]>;
		/** The last first. */
		only<K extends ExerciseRecord['kind']>(kind: K): Now<ExerciseOf<K>[]>;
		/** How many of a kind there are. */
		count(kind: ExerciseRecord['kind']): Now<number>;
	};
	measurements: { ofCamera(id: string): Now<Kept<MeasurementRecord>[]> };
	pictures: {
		of(owner: PictureOwner, id: string): Now<PictureRecord[]>;
		/** The first picture of each frame of a load, by frame. */
		firstOfLoad(id: string): Now<Record<string, string>>;
	};
	learning: {
		/** Ids of the cameras of which a frame was judged. */
		judgedCameras(): Now<string[]>;
		lesson(camera: string): Now<Lesson | null>;
		ways(): Now<Ways>;
		flashes(): Now<FlashLesson[]>;
		honesty(asked: HonestyAsked): Now<Honesty>;
		log(asked: LogAsked): Now<KeptLog>;
		/** @param without a load whose frames are left out */
		soFar(camera: Kept<CameraRecord>, asked: LearntAsked, without?: string): Now<LearntSoFar>;
	};
	/** Backups, where the records are the server's own. */
	backups(): Now<BackupsTold | null>;
}

/** What is read of frames to learn from them: all of it at hand. */
export interface Teachings {
	cameras: { get(id: string): Kept<CameraRecord> | undefined; all(): Kept<CameraRecord>[] };
	films: { get(id: string): Kept<FilmRecord> | undefined; all(): Kept<FilmRecord>[] };
	loads: { get(id: string): Kept<LoadRecord> | undefined };
	judged: {
		/** Which frames were judged last, no more than so many. */
		keys(of: { camera?: string; film?: string }, newest: number): FrameKey[];
		/** Which of them a named flash lit at a known distance. */
		flashed(newest: number): FrameKey[];
		/** Those frames themselves, oldest first. */
		frames(keys: readonly FrameKey[]): Kept<FrameRecord>[];
	};
	/** Frames, judged or not. */
	log: {
		/** By their numbers. */
		ofLoad(id: string): Kept<FrameRecord>[];
		/** Oldest first; none for what is not there. */
		byIds(ids: readonly string[]): Kept<FrameRecord>[];
	};
}

/** Which frame it is, as it stands now. */
export interface FrameKey {
	id: string;
	version: number;
	loadId: string;
}
