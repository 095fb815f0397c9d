import { asLoaded, isSeenAtOnce } from '$core/film';
import { answered, type LearntSoFar } from '$core/learn';
import { withLearnt } from '$core/match';
import { isRead } from '$contract/predicted';
import type { CameraRecord, FilmRecord, FrameRecord, LoadRecord } from '$contract/records';
import { agreedHabits } from '../practice';
import type { Kept, ViewRecords } from '../records';

/** Whether a camera is answered with what its frames taught. */
export const isLearntFrom = ({ learnt }: CameraRecord): boolean => learnt !== undefined && !learnt.ignored;

/** What frames have taught of a body, where that is in use; null: nothing, or it is not. */
export async function bodyOf(
	from: ViewRecords,
	camera: Kept<CameraRecord>
): Promise<{ stops: number; sd: number; frames: number } | null> {
	if (!isLearntFrom(camera)) return null;
	const lesson = await from.learning.lesson(camera.id);
	if (!lesson || lesson.judged === 0) return null;
	const { stops, sd, frames } = lesson.learnt;
	return { stops, sd, frames };
}

/** What judged frames teach of each way of reading, and what is taken off it now. */
async function habitLessons(from: ViewRecords) {
	const used = await agreedHabits(from);
	const { lessons: all, taken } = await from.learning.ways();
	return all.map((lesson) => ({
		...lesson,
		used: Object.hasOwn(used, lesson.way) ? used[lesson.way] : null,
		mayUse: taken.includes(lesson.way)
	}));
}

/** What judged frames teach of each camera, of each flash, and of the person's eye. */
export async function lessons(from: ViewRecords) {
	const [cameras, films, judged] = await Promise.all([
		from.cameras.all(),
		from.films.all(),
		from.learning.judgedCameras()
	]);
	const taught = cameras.filter(({ id, known = [] }) => judged.includes(id) || known.length > 0);
	const lessonWith = async (camera: Kept<CameraRecord>) => {
		const lesson = await from.learning.lesson(camera.id);
		return lesson && { camera, ...lesson };
	};
	const [told, habits, flashes] = await Promise.all([
		Promise.all(taught.map(lessonWith)),
		habitLessons(from),
		from.learning.flashes()
	]);
	return {
		lessons: told
			.flatMap((lesson) => lesson ?? [])
			.sort((a, b) => a.camera.name.localeCompare(b.camera.name)),
		habits,
		flashes,
		cameras: cameras.filter(({ archived }) => !archived),
		/** What was said of a film that is put away still holds. */
		films
	};
}

/** What is known of a loaded camera with its film. */
export interface LoadLearnt {
	told: LearntSoFar;
	/** Whether prints of this very load have changed that. */
	here: boolean;
}

/**
 * Judged frames of a load that answer the next click: all of them where what frames teach is in use, else those
 * that were judged since the person last put it aside.
 */
function telling({ learnt }: CameraRecord, frames: readonly Kept<FrameRecord>[]) {
	const since = learnt?.ignored ? learnt.at : '';
	return frames.flatMap((frame) => {
		const { judged } = frame;
		return judged && judged.judgedAt > since && isRead(frame) ? [{ ...frame, judged }] : [];
	});
}

interface InCameras {
	cameras: readonly Kept<CameraRecord>[];
	films: readonly Kept<FilmRecord>[];
	loads: readonly Kept<LoadRecord>[];
	frames: readonly Kept<FrameRecord>[];
}

/** What is known of cameras with what is in them, by load: by other frames, where that is in use, and by its own prints. */
export async function learntByLoad(
	{ learning }: Pick<ViewRecords, 'learning'>,
	{ cameras, films, loads, frames }: InCameras
): Promise<Record<string, LoadLearnt>> {
	const known = loads.map(async (load): Promise<[string, LoadLearnt][]> => {
		const camera = cameras.find(({ id }) => id === load.cameraId)!;
		const film = asLoaded(
			films.find(({ id }) => id === load.filmId)!,
			load
		);
		const own = frames.filter(({ loadId }) => loadId === load.id);
		const fresh = isSeenAtOnce(film) ? telling(camera, own) : [];
		const before = isLearntFrom(camera) ? await learning.soFar(camera, { film: load.filmId }, load.id) : null;
		const { learnt: told } = answered(camera, film, fresh, before, camera.learnt);
		return told ? [[load.id, { told, here: fresh.length > 0 }]] : [];
	});
	return Object.fromEntries((await Promise.all(known)).flat());
}

/** A film as it stands in a camera: developed as its load says, where it is in it now. */
async function filmAsLoaded(from: ViewRecords, cameraId: string, filmId: string) {
	const film = await from.films.get(filmId);
	const inside = (await from.loads.inCameras()).find(
		(load) => load.cameraId === cameraId && load.filmId === filmId
	);
	return film && asLoaded(film, inside ?? {});
}

/**
 * A camera and a film as they are used together, with what frames have taught of the two where that is in use.
 *
 * @returns undefined for what there is not
 */
export async function asUsed(from: ViewRecords, cameraId: string, filmId: string) {
	const camera = await from.cameras.get(cameraId);
	const film = await filmAsLoaded(from, cameraId, filmId);
	if (!camera || !film || !isLearntFrom(camera)) return { camera, film };
	return withLearnt(camera, film, await from.learning.soFar(camera, { film: filmId }));
}
