import type { LearntSoFar } from '$core/learn';
import type { LearntQuery } from '$contract/learn';
import type { CameraRecord, LoadRecord } from '$contract/records';
import type { Issue } from '$contract/validate';
import { everything } from './everything';
import type { Kept } from './database/record-table';
import { inThread } from './heavy/pool';
import type { lessonOf, waysOf } from './learn/lesson';
import { KeptWork } from './learn/kept-work';
import { agreedHabits } from './practice';
import { dataFolder, store } from './store';

type Lesson = ReturnType<typeof lessonOf>;
const lessonsKept = new Map<string, KeptWork<Lesson>>();

/** What the judged frames of one camera teach. */
function lessonFor({ id }: Kept<CameraRecord>): Promise<Lesson> {
	const known = lessonsKept.get(id) ?? new KeptWork((seen) => inThread('lesson', dataFolder(), id, seen));
	lessonsKept.set(id, known);
	return known.now(store(), store().teachings());
}

const waysKept = new KeptWork<ReturnType<typeof waysOf>>((seen) => inThread('ways', dataFolder(), seen));

/** What frames have taught of a body, where that is in use; null: nothing, or it is not. */
export async function bodyOf(
	camera: Kept<CameraRecord>
): Promise<{ stops: number; sd: number; frames: number } | null> {
	if (!isLearntFrom(camera)) return null;
	const lesson = await lessonFor(camera);
	if (!lesson || lesson.judged === 0) return null;
	const { stops, sd, frames } = lesson.learnt;
	return { stops, sd, frames };
}

/** What judged frames teach of each way of reading, and what is taken off it now. */
async function habitLessons() {
	const used = agreedHabits();
	const { lessons: all, taken } = await waysKept.now(store(), store().teachings());
	return all.map((lesson) => ({
		...lesson,
		used: Object.hasOwn(used, lesson.way) ? used[lesson.way] : null,
		mayUse: taken.includes(lesson.way)
	}));
}

/** A camera with what its frames teach. */
async function lessonWith(camera: Kept<CameraRecord>) {
	const lesson = await lessonFor(camera);
	return lesson && { camera, ...lesson };
}

/** What judged frames teach of each camera, of each flash, and of the person's eye. */
export async function lessons() {
	const { cameras, films, gear, search } = store();
	const [bodies, all] = [everything(cameras), everything(films)];
	const judged = new Set(search.judgedCameras());
	const taught = bodies.filter(({ id, known = [] }) => judged.has(id) || known.length > 0);
	const [told, habits, flashes] = await Promise.all([
		Promise.all(taught.map(lessonWith)),
		habitLessons(),
		inThread('flashLessons', dataFolder(), { gear: everything(gear), cameras: bodies })
	]);
	return {
		lessons: told
			.flatMap((lesson) => lesson ?? [])
			.sort((a, b) => a.camera.name.localeCompare(b.camera.name)),
		habits,
		flashes,
		cameras: bodies.filter(({ archived }) => !archived),
		/** What was said of a film that is put away still holds. */
		films: all
	};
}

/** What was promised against what came out, of all frames or of some. */
export function honesty(query: URLSearchParams) {
	const [camera, film, way, light] = ['camera', 'film', 'way', 'light'].map((name) => query.get(name) ?? '');
	return inThread('honesty', dataFolder(), { camera, film, way, light });
}

/** What is asked of a camera: its film is known by now. */
export type LearntAsked = LearntQuery & { film: string };

/** A question by ids, or what is wrong with it: a film is named, or is that of a load. */
export function askedOf(
	camera: Kept<CameraRecord>,
	{ film, load, way }: LearntQuery
): LearntAsked | { issues: Issue[] } {
	const { films, loads } = store();
	const pack = load && loads.get(load.toLowerCase());
	const wrong = (path: string, message: string) => ({ issues: [{ path, message }] });
	if (load !== undefined && (!pack || pack.cameraId !== camera.id))
		return wrong('load', 'there is no such load of this camera');
	const inside = film?.toLowerCase() ?? (pack ? pack.filmId : undefined);
	if (inside === undefined) return wrong('film', 'give a film, or a load');
	if (!films.get(inside)) return wrong('film', 'there is no such film');
	return { film: inside, ...(pack && { load: pack.id }), ...(way && { way }) };
}

/** What was worked out since the last frame was judged: a body wanders little in an hour. */
const worked = new Map<string, Promise<LearntSoFar>>();
let workedAt = '';
const HOUR_MS = 3_600_000;
const MOST_KEPT = 500;

/**
 * What is known of a camera with a film.
 *
 * @param without a load whose frames are left out
 */
export function learntOf(
	camera: Kept<CameraRecord>,
	asked: LearntAsked,
	without?: string
): Promise<LearntSoFar> {
	const now = `${store().teachings()} ${Math.floor(Date.now() / HOUR_MS)}`;
	if (now !== workedAt || worked.size >= MOST_KEPT) worked.clear();
	workedAt = now;
	const key = JSON.stringify([camera.id, asked, without]);
	const known = worked.get(key) ?? workOut(camera, asked, without);
	worked.set(key, known);
	// What could not be worked out is tried again when it is asked for again.
	known.catch(() => worked.delete(key));
	return known;
}

function workOut(camera: Kept<CameraRecord>, asked: LearntAsked, without?: string): Promise<LearntSoFar> {
	const question = { load: null, ...asked, camera: camera.id, at: new Date().toISOString() };
	return inThread('learntFor', dataFolder(), question, without);
}

/** Whether a camera is answered with what its frames taught. */
export const isLearntFrom = ({ learnt }: CameraRecord): boolean => learnt !== undefined && !learnt.ignored;

/** What is known of cameras that are answered with what their frames taught, by load: all but the load's own frames. */
export async function learntByLoad(loads: readonly Kept<LoadRecord>[]): Promise<Record<string, LearntSoFar>> {
	const { cameras } = store();
	const inUse = loads.flatMap((load) => {
		const camera = cameras.get(load.cameraId);
		return camera && isLearntFrom(camera) ? [{ load, camera }] : [];
	});
	const known = await Promise.all(
		inUse.map(({ load, camera }) => learntOf(camera, { film: load.filmId }, load.id))
	);
	return Object.fromEntries(inUse.map(({ load }, at) => [load.id, known[at]]));
}
