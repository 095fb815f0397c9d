import type { ChangedKind } from '$contract/changes';
import type { OwnedPicture } from '$contract/pictures';
import type {
	ExerciseRecord,
	FrameRecord,
	LoadRecord,
	MeasurementRecord,
	ReadingRecord,
	Stored
} from '$contract/records';

/** How records lie in the browser: as they are, beside what they are looked for by. */
export interface Row<T> {
	id: string;
	record: T;
}

/** UTC to the millisecond. */
export interface TimedRow<T> extends Row<T> {
	at: string;
}

export interface LoadRow extends TimedRow<LoadRecord & Stored> {
	camera: string;
	film: string;
	/** 1: it is in its camera. */
	open?: 1;
	/** When it was loaded, where it waits to be developed. */
	waits?: string;
	developed?: string;
	/** 1: its frames have running numbers. */
	counts?: 1;
}

export interface FrameRow extends TimedRow<FrameRecord & Stored> {
	load: string;
	number: number;
	/** When it was taken, where it was judged. */
	told?: string;
	/** The same, where a named flash lit it at a known distance. */
	lit?: string;
	outing?: string;
}

/** ISO 8601 in UTC to the millisecond: the order of texts is the order in time. */
export const utc = (at: string): string => new Date(at).toISOString();

/** Whether a frame was lit by a flash that has a name, at a known distance. */
export function isLit({ flash, distance }: FrameRecord): boolean {
	return typeof flash === 'object' && flash.name !== undefined && distance !== undefined;
}

const beside = {
	loads: ({ loadedAt, unloadedAt, developed, cameraId, filmId, countsFrom }: LoadRecord) => ({
		at: utc(loadedAt),
		camera: cameraId,
		film: filmId,
		...(unloadedAt === undefined && { open: 1 }),
		...(developed ? { developed: utc(developed.at) } : { waits: utc(loadedAt) }),
		...(countsFrom !== undefined && { counts: 1 })
	}),
	frames: (frame: FrameRecord) => {
		const at = utc(frame.takenAt);
		return {
			load: frame.loadId,
			number: frame.number,
			at,
			...(frame.judged && { told: at }),
			...(frame.judged && isLit(frame) && { lit: at }),
			...(frame.outing && { outing: frame.outing.id })
		};
	},
	readings: ({ takenAt, name }: ReadingRecord) => ({
		at: utc(takenAt),
		...(name !== undefined && { named: 1 })
	}),
	exercises: ({ at, kind }: ExerciseRecord) => ({ at: utc(at), kind }),
	measurements: ({ cameraId }: MeasurementRecord) => ({ camera: cameraId }),
	pictures: ({ owner, ownerId }: OwnedPicture) => ({ owned: `${owner} ${ownerId}` })
};

/** A record as its row. */
export function rowOf(kind: ChangedKind, record: object & Stored): Row<object & Stored> {
	const found = Object.hasOwn(beside, kind)
		? (beside[kind as keyof typeof beside] as (of: object) => object)(record)
		: {};
	return { ...found, id: record.id, record };
}
