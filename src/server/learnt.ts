import { automaticExposure } from '$core/camera';
import { inProcess, latitudeOf } from '$core/film';
import { resolveLight, type Light } from '$core/light';
import {
	judgedFrameOf,
	learn,
	priorOf,
	promiseBins,
	readingHabits,
	standings,
	type PromisedFrame,
	type ReadFrame as FrameOfReading
} from '$core/learn';
import { wayOfReading } from '$core/words';
import type { CameraRecord, FilmRecord, FrameRecord, LoadRecord } from '$contract/records';
import type { Judgement } from '$contract/frames';
import { isRead, type ReadFrame } from '$contract/predicted';
import { everything } from './everything';
import type { Kept } from './database/record-table';
import { store } from './store';

type Judged = ReadFrame<Kept<FrameRecord>> & { judged: Judgement };

export interface Told {
	frame: Judged;
	load: Kept<LoadRecord>;
	camera: Kept<CameraRecord>;
	film: Kept<FilmRecord>;
}

/** Judged frames whose light was read, with what they were shot with, oldest first. */
export function told(asked: { camera?: string; film?: string } = {}): Told[] {
	const { cameras, films, loads, search } = store();
	const once = <T>(get: (id: string) => T | undefined) => {
		const known = new Map<string, T>();
		return (id: string) => {
			if (!known.has(id)) known.set(id, get(id)!);
			return known.get(id)!;
		};
	};
	const [load, camera, film] = [once(loads.get), once(cameras.get), once(films.get)];
	return search
		.judged(asked)
		.filter(isRead)
		.map((frame) => {
			const inside = load(frame.loadId);
			return {
				frame: frame as Judged,
				load: inside,
				camera: camera(inside.cameraId),
				film: inProcess(film(inside.filmId), inside.process)
			};
		});
}

const NAMED_OUTLIERS = 6;

/** Frames that a body is learnt from: it drifts, and older ones say little of it now. */
const NEWEST_FRAMES = 300;

/** What the judged frames of one camera teach. */
function lessonOf(camera: Kept<CameraRecord>, all: readonly Told[]) {
	const prior = camera.learnt?.prior ?? priorOf(camera);
	const telling = all.slice(-NEWEST_FRAMES).flatMap(({ frame, film, load }) => {
		const judged = judgedFrameOf(camera, film, frame, load.id);
		return judged ? [{ judged, frame }] : [];
	});
	const learnt = learn(
		prior,
		telling.map(({ judged }) => judged)
	);
	return {
		camera,
		film: all[all.length - 1].film,
		prior,
		learnt,
		judged: all.length,
		outliers: learnt.outliers
			.slice(0, NAMED_OUTLIERS)
			.map((at) => telling[at].frame)
			.map(({ id, number, judged }) => ({ id, number, stops: judged.stops })),
		points: telling.slice(-NEWEST_POINTS).map(({ judged: { predicted, judged, clamped } }) => ({
			stops: judged - predicted,
			clamped: clamped === true
		}))
	};
}

/** Frames drawn as evidence. */
const NEWEST_POINTS = 60;
/** Doubt of a single reading that is not its habit, and of the film, stops; common practice. */
const READING_SCATTER = 0.35;

/** A frame by which the light was read for a body that does not follow the light by itself. */
function readFrameOf({ frame, camera, film, load }: Told): FrameOfReading | null {
	if (automaticExposure(camera) || frame.flash) return null;
	const judged = judgedFrameOf(camera, film, frame, load.id);
	if (!judged) return null;
	return {
		body: camera.id,
		way: wayOfReading(frame.light),
		residual: judged.judged - judged.predicted,
		sd: Math.hypot(frame.judged.sd, READING_SCATTER)
	};
}

/** What judged frames teach of each camera, and of the person's eye. */
export function lessons() {
	const all = told();
	const cameras = [...new Map(all.map(({ camera }) => [camera.id, camera])).values()];
	return {
		lessons: cameras
			.map((camera) =>
				lessonOf(
					camera,
					all.filter((each) => each.camera.id === camera.id)
				)
			)
			.sort((a, b) => a.camera.name.localeCompare(b.camera.name)),
		habits: readingHabits(all.slice(-NEWEST_FRAMES).flatMap((each) => readFrameOf(each) ?? []))
	};
}

const MOST_STANDINGS = 200;

function promised({ frame, load, film }: Told): PromisedFrame {
	const { usable } = latitudeOf(film);
	const { stops } = frame.judged;
	return {
		promised: frame.predicted.chances.usable,
		cameOut: stops >= usable[0] && stops <= usable[1],
		takenAt: Date.parse(frame.takenAt),
		...(load.price === undefined ? {} : { cost: load.price / load.frames })
	};
}

/** Light as it is told apart here, EV from and to. */
const lights: Readonly<Record<string, readonly [from: number, to: number]>> = {
	night: [-Infinity, 5],
	'rooms and dusk': [5, 9],
	'shade and grey days': [9, 13],
	sun: [13, Infinity]
};

function isIn(light: Light, band: string): boolean {
	if (!Object.hasOwn(lights, band)) return true;
	const { ev } = resolveLight(light);
	return ev >= lights[band][0] && ev < lights[band][1];
}

/** What was promised against what came out, of all frames or of some. */
export function honesty(query: URLSearchParams) {
	const { cameras, films } = store();
	const asked = {
		camera: query.get('camera') ?? '',
		film: query.get('film') ?? '',
		way: query.get('way') ?? '',
		light: query.get('light') ?? ''
	};
	const all = told({ camera: asked.camera || undefined, film: asked.film || undefined });
	const ways = [...new Set(all.map(({ frame }) => wayOfReading(frame.light)))].sort();
	const shown = all
		.filter(({ frame }) => asked.way === '' || wayOfReading(frame.light) === asked.way)
		.filter(({ frame }) => isIn(frame.light, asked.light))
		.map(promised);
	const stood = standings(shown);
	const step = Math.max(1, Math.ceil(stood.length / MOST_STANDINGS));
	return {
		asked,
		frames: shown.length,
		bins: promiseBins(shown),
		standings: stood.filter((_, at) => (stood.length - 1 - at) % step === 0),
		cameras: everything(cameras).map(({ id, name }) => ({ id, name })),
		films: everything(films).map(({ id, name }) => ({ id, name })),
		ways,
		lights: Object.keys(lights)
	};
}
