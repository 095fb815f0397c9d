import { inProcess } from '$core/film';
import type { LearntSoFar } from '$core/learn';
import { withLearnt } from '$core/match';
import type { CameraRecord, LoadRecord } from '$contract/records';
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

/** What is known of cameras that are answered with what their frames taught, by load: all but the load's own frames. */
export async function learntByLoad(
	from: ViewRecords,
	loads: readonly Kept<LoadRecord>[]
): Promise<Record<string, LearntSoFar>> {
	const cameras = await Promise.all(loads.map(({ cameraId }) => from.cameras.get(cameraId)));
	const inUse = loads.flatMap((load, at) => {
		const camera = cameras[at];
		return camera && isLearntFrom(camera) ? [{ load, camera }] : [];
	});
	const known = await Promise.all(
		inUse.map(({ load, camera }) => from.learning.soFar(camera, { film: load.filmId }, load.id))
	);
	return Object.fromEntries(inUse.map(({ load }, at) => [load.id, known[at]]));
}

/** A film as it stands in a camera: developed as its load says, where it is in it now. */
async function filmAsLoaded(from: ViewRecords, cameraId: string, filmId: string) {
	const film = await from.films.get(filmId);
	const inside = (await from.loads.inCameras()).find(
		(load) => load.cameraId === cameraId && load.filmId === filmId
	);
	return film && inProcess(film, inside?.process);
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
