import { asRead } from '$core/light';
import type { Log } from '$core/whatif';
import { wayOfReading } from '$words';
import { intentOfFrame } from '$contract/predicted';
import { MOST_REPLAYED } from '$contract/what-if';
import type { Teachings } from '../records';
import { partOf } from './part';
import { asShot, isLostOtherwise, teachingOf, withKnown, type Shot, type Told } from './told';

/** Which frames are replayed: of a load, of a camera, some of any, or the newest of all that were judged. */
export interface LogAsked {
	load?: string;
	camera?: string;
	frames?: readonly string[];
}

/** What is told of frames beside the log itself. */
export interface KeptLog extends Log {
	/** By frame: how it is called. */
	names: Record<string, { load: string; number: number }>;
	/** Frames that are left out: without a reading, or lit by a flash. */
	leftOut: number;
}

function framesAsked({ judged, log }: Teachings, { load, camera, frames }: LogAsked) {
	if (frames) return log.byIds(frames);
	if (load) return log.ofLoad(load);
	return judged.frames(judged.keys({ camera }, MOST_REPLAYED));
}

function logged({ frame, load, camera, film }: Shot): Log['frames'][number] {
	const { id, light, settings, takenAt, judged, predicted } = frame;
	return {
		id,
		way: wayOfReading(light),
		takenAt,
		making: {
			...{ camera, film, settings },
			light: asRead(light),
			intent: intentOfFrame(frame),
			of: { camera: camera.id, film: film.id, load: load.id }
		},
		...(judged && { judged: { stops: judged.stops, sd: judged.sd }, spoiled: isLostOtherwise(judged) }),
		promised: predicted.chances.usable
	};
}

/** What teaches of some frames: of each of their cameras, and of others on the same films, each frame once. */
function teachers(from: Teachings, cameras: readonly string[]): Told[] {
	const all = cameras.flatMap((camera) => partOf(from, camera).frames());
	return [...new Map(all.map((each) => [each.frame.id, each])).values()];
}

/** Frames as they are replayed, with all that teaches of them. */
export function logOf(from: Teachings, asked: LogAsked): KeptLog {
	const all = framesAsked(from, asked);
	const shot = asShot(from, all).filter(({ frame }) => !frame.flash);
	const cameras = [...new Set(shot.map(({ camera }) => camera.id))];
	const { told, things } = withKnown(from, teachingOf(teachers(from, cameras)));
	for (const { camera, film } of shot) {
		if (!things.cameras.has(camera.id)) things.cameras.set(camera.id, { camera, before: camera.learnt });
		if (!things.films.has(film.id)) things.films.set(film.id, film);
	}
	return {
		told,
		cameras: [...things.cameras],
		films: [...things.films],
		frames: shot.map(logged),
		names: Object.fromEntries(
			shot.map(({ frame, camera, film }) => [
				frame.id,
				{ load: `${camera.name}, ${film.name}`, number: frame.number }
			])
		),
		leftOut: all.length - shot.length
	};
}
