import { DateTime } from 'luxon';
import { nearestPlace, placeAt, pointsInOrder, whenAt, type OnTrack, type TrackPoint } from '$core/track';
import type { Where } from '$contract/coordinates';
import type { FrameRecord } from '$contract/records';
import type { Kept } from '$lib/records/client';
import { placeFrames } from '$lib/records/frame-places';
import { refresh } from '$lib/records/refresh';
import { readGpx } from './read-gpx';
import { counted } from '$words';

type Frame = Kept<FrameRecord>;

export interface Track {
	name: string;
	points: number;
}

/** A frame, and where the track says that it was taken. */
export interface Found {
	frame: Frame;
	/** When it was taken, the clock put right, ISO 8601. */
	at: string;
	there: (OnTrack & { name?: string }) | null;
	/** It has a place, which stays. */
	stays: boolean;
}

const DIGITS = 6;
const rounded = (degrees: number) => Number(degrees.toFixed(DIGITS));

/** When a frame was taken, by the clock of where it was. */
const clockOf = ({ takenAt, zone }: Frame) => {
	const said = DateTime.fromISO(takenAt, { setZone: true });
	return zone ? said.setZone(zone) : said;
};

/** Frames put on places by the track of the way. */
export class TrackDesk {
	readonly #places: () => readonly Where[];
	readonly #frames: () => readonly Frame[];
	tracks = $state.raw<Track[]>([]);
	#points = $state.raw<TrackPoint[]>([]);
	/** The frame by which the clock is put right; empty: it was right. */
	known = $state('');
	/** When that frame was really taken, by the clock of where it was: as a form has it. */
	really = $state('');
	/** Also those that have a place already. */
	over = $state(false);
	/** The frames' times are put right, too. */
	rightTimes = $state(true);
	busy = $state(false);
	problems = $state.raw<string[]>([]);
	message = $state('');
	undo = $state.raw<(() => Promise<void>) | null>(null);

	constructor(frames: () => readonly Frame[], places: () => readonly Where[]) {
		[this.#frames, this.#places] = [frames, places];
	}

	readonly #knownFrame = $derived.by(() => this.#frames().find(({ id }) => id === this.known));
	/** By how much the frames' clock was behind, ms. */
	readonly shift = $derived.by(() => {
		const frame = this.#knownFrame;
		if (!frame || !this.really) return 0;
		const clock = clockOf(frame);
		const at = DateTime.fromISO(this.really, { zone: clock.zone });
		return at.isValid ? at.toMillis() - clock.startOf('second').toMillis() : 0;
	});
	/** First and last time of the tracks, ISO 8601. */
	readonly span = $derived.by(() => {
		const [first, last] = [this.#points.at(0), this.#points.at(-1)];
		return first && last ? [first, last].map(({ at }) => new Date(at).toISOString()) : null;
	});
	readonly found = $derived.by(() => this.#frames().map((frame) => this.#find(frame)));
	readonly toPlace = $derived.by(() => this.found.filter(({ there, stays }) => there && !stays));
	/** Whether the known frame has a place by which the track can tell the time. */
	readonly hasPlace = $derived.by(() => this.#knownFrame?.where !== undefined);

	#find(frame: Frame): Found {
		const at = Date.parse(frame.takenAt) + this.shift;
		const on = placeAt(this.#points, at);
		const name = on && nearestPlace(this.#places(), on)?.name;
		const zone = clockOf(frame).zone;
		return {
			frame,
			at: DateTime.fromMillis(at, { zone }).toISO()!,
			there: on && { ...on, ...(name && { name }) },
			stays: frame.where !== undefined && !this.over
		};
	}

	async take(files: readonly File[]): Promise<void> {
		[this.problems, this.message, this.undo] = [[], '', null];
		for (const file of files) {
			const read = await readGpx(file);
			if ('problem' in read) this.problems = [...this.problems, `${file.name} ${read.problem}`];
			else {
				this.tracks = [...this.tracks, { name: file.name, points: read.points.length }];
				this.#points = pointsInOrder([...this.#points, ...read.points]);
			}
		}
	}

	/** Chooses the frame by which the clock is put right. */
	know(id: string): void {
		this.known = id;
		const frame = this.#knownFrame;
		this.really = frame ? clockOf(frame).toFormat("yyyy-MM-dd'T'HH:mm:ss") : '';
	}

	/** Takes its time from the track: when that was where the frame was taken. */
	knowByPlace(): void {
		const { where, ...frame } = this.#knownFrame!;
		const at = whenAt(this.#points, where!, Date.parse(frame.takenAt));
		if (at === null) this.problems = ['The tracks never came within 200 m of the place of this frame.'];
		else {
			this.problems = [];
			this.really = DateTime.fromMillis(at, { zone: clockOf(frame as Frame).zone }).toFormat(
				"yyyy-MM-dd'T'HH:mm:ss"
			);
		}
	}

	/** Puts the frames on their places, with a way back. */
	async place(): Promise<void> {
		const moved = this.shift !== 0 && this.rightTimes;
		const before = this.toPlace.map(({ frame }) => frame);
		const asked = this.toPlace.map(({ frame: { id, version }, there, at }) => ({
			id,
			version,
			where: {
				latitude: rounded(there!.latitude),
				longitude: rounded(there!.longitude),
				...(there!.name && { name: there!.name })
			},
			...(moved && { takenAt: at })
		}));
		const items = await this.#write(asked);
		if (!items) return;
		// What was put right once is right now.
		if (moved) this.know('');
		this.message = `${counted(items.length, 'One frame is', '# frames are')} on the map.`;
		this.undo = async () => {
			const back = items.map(({ id, version }, index) => {
				const { where = null, takenAt } = before[index];
				return { id, version, where, takenAt };
			});
			if (await this.#write(back)) this.message = 'Undone. They’re back where they were.';
		};
	}

	async #write(frames: Parameters<typeof placeFrames>[0]): Promise<Frame[] | null> {
		[this.busy, this.problems, this.message, this.undo] = [true, [], '', null];
		const written = await placeFrames(frames);
		if ('problem' in written) this.problems = [written.problem];
		else await refresh();
		this.busy = false;
		return 'problem' in written ? null : written.items;
	}
}
