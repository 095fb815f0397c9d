import { asLoaded } from '$core/film';
import type { Pair, Things, Told as ToldFrame } from '$core/learn';
import { wayOfReading } from '$words';
import type { CameraRecord, FilmRecord, FrameRecord, LoadRecord } from '$contract/records';
import type { Judgement } from '$contract/frames';
import { isRead, type ReadFrame } from '$contract/predicted';
import type { Kept, Teachings } from '../records';

type Judged = ReadFrame<Kept<FrameRecord>> & { judged: Judgement };

/** A frame with what it was shot with. */
export interface Shot<F = ReadFrame<Kept<FrameRecord>>> {
	frame: F;
	load: Kept<LoadRecord>;
	camera: Kept<CameraRecord>;
	film: Kept<FilmRecord>;
}

export type Told = Shot<Judged>;

/** Lost by what no exposure mends. */
export const isLostOtherwise = ({ faults = [] }: Judgement): boolean =>
	faults.some((fault) => fault === 'blur' || fault === 'focus');

/**
 * Judged frames whose light was read, with what they were shot with, oldest first.
 *
 * @param newest so many of them
 */
export const told = (from: Teachings, asked: { camera?: string; film?: string }, newest: number): Told[] =>
	asShot(from, from.judged.frames(from.judged.keys(asked, newest))) as Told[];

/** The same of frames that a named flash lit. */
export const toldByFlash = (from: Teachings): Told[] =>
	asShot(from, from.judged.frames(from.judged.flashed(NEWEST_FRAMES))) as Told[];

/** Those frames whose light was read, with what they were shot with. */
export function asShot({ cameras, films, loads }: Teachings, logged: readonly Kept<FrameRecord>[]): Shot[] {
	const once = <T>(get: (id: string) => T | undefined) => {
		const known = new Map<string, T>();
		return (id: string) => {
			if (!known.has(id)) known.set(id, get(id)!);
			return known.get(id)!;
		};
	};
	const [load, camera, film] = [
		once((id: string) => loads.get(id)),
		once((id: string) => cameras.get(id)),
		once((id: string) => films.get(id))
	];
	return logged.filter(isRead).map((frame) => {
		const inside = load(frame.loadId);
		return {
			frame,
			load: inside,
			camera: camera(inside.cameraId),
			film: asLoaded(film(inside.filmId), inside)
		};
	});
}

/** What learning is asked with. */
export interface Teaching {
	told: ToldFrame[];
	things: Things;
}

/** Frames as learning takes them: nothing of their records but what it needs. */
export function teachingOf(all: readonly Told[]): Teaching {
	const cameras = new Map(all.map(({ camera }) => [camera.id, { camera, before: camera.learnt }]));
	const films = new Map(all.map(({ film }) => [film.id, film]));
	return {
		told: all.map(({ frame, load, camera, film }) => ({
			id: frame.id,
			camera: camera.id,
			film: film.id,
			load: load.id,
			way: wayOfReading(frame.light),
			takenAt: frame.takenAt,
			developed: film,
			shot: {
				light: frame.light,
				settings: frame.settings,
				handheld: frame.handheld,
				filters: frame.filters,
				exposures: frame.exposures,
				closeUp: frame.closeUp,
				distance: frame.distance,
				flash: frame.flash,
				judged: frame.judged
			}
		})),
		things: { cameras, films }
	};
}

/** With cameras and films that are asked about, seen or not. */
export function withThings(
	{ cameras, films }: Teachings,
	teaching: Teaching,
	pairs: readonly Pair[]
): Teaching {
	const { things } = teaching;
	for (const pair of pairs) {
		const camera = cameras.get(pair.camera)!;
		if (!things.cameras.has(pair.camera)) things.cameras.set(pair.camera, { camera, before: camera.learnt });
		if (!things.films.has(pair.film)) things.films.set(pair.film, films.get(pair.film)!);
	}
	return teaching;
}

/** With what the person knows of those cameras. */
export function withKnown({ films }: Teachings, teaching: Teaching): Teaching {
	const { told, things } = teaching;
	for (const [id, { camera }] of things.cameras) {
		for (const [at, each] of ((camera as CameraRecord).known ?? []).entries()) {
			const film = films.get(each.filmId);
			if (!film) continue;
			const { light, settings, judged } = each;
			const name = `known ${id} ${at}`;
			const shot = { light, settings, judged };
			const of = { camera: id, film: film.id, load: name, way: wayOfReading(light), takenAt: each.at };
			told.push({ id: name, ...of, developed: film, known: true, shot });
			if (!things.films.has(film.id)) things.films.set(film.id, film);
		}
	}
	return teaching;
}

/** Frames that a body is learnt from: it drifts, and older ones say little of it now. */
export const NEWEST_FRAMES = 300;
