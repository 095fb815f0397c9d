import type { LearntSoFar } from '$core/learn';
import type { LearntQuery } from '$contract/learn';
import type { CameraRecord } from '$contract/records';
import type { Issue } from '$contract/validate';
import type { Honesty, HonestyAsked } from '$views/learn/honesty';
import type { Lesson, Ways } from '$views/learn/lesson';
import type { KeptLog, LogAsked } from '$views/learn/log';
import type { Kept, LearntAsked } from '$views/records';
import { everything } from './everything';
import { inThread } from './heavy/pool';
import { KeptWork } from './learn/kept-work';
import { besideRecords, dataFolder, store } from './store';

const lessonsKept = besideRecords(() => new Map<string, KeptWork<Lesson | null>>());

/** What the judged frames of one camera teach. */
export function lessonFor(id: string): Promise<Lesson | null> {
	const folder = dataFolder();
	const known = lessonsKept().get(id) ?? new KeptWork((seen) => inThread('lesson', folder, id, seen));
	lessonsKept().set(id, known);
	return known.now(store(), store().teachings());
}

const waysKept = besideRecords((folder) => new KeptWork<Ways>((seen) => inThread('ways', folder, seen)));

/** What judged frames teach of the ways of reading. */
export const ways = (): Promise<Ways> => waysKept().now(store(), store().teachings());

/** What judged frames teach of each flash of the bag that lit some. */
export function flashes() {
	const { gear, cameras } = store();
	return inThread('flashLessons', dataFolder(), { gear: everything(gear), cameras: everything(cameras) });
}

/** What was promised against what came out, of all frames or of some. */
export const honesty = (asked: HonestyAsked): Promise<Honesty> => inThread('honesty', dataFolder(), asked);

/** Frames as they are replayed, with all that teaches of them. */
export const log = (asked: LogAsked): Promise<KeptLog> => inThread('log', dataFolder(), asked);

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
const workedOut = besideRecords(() => ({ at: '', known: new Map<string, Promise<LearntSoFar>>() }));
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
	const kept = workedOut();
	if (now !== kept.at || kept.known.size >= MOST_KEPT) kept.known.clear();
	kept.at = now;
	const key = JSON.stringify([camera.id, asked, without]);
	const known = kept.known.get(key) ?? workOut(camera, asked, without);
	kept.known.set(key, known);
	// What could not be worked out is tried again when it is asked for again.
	known.catch(() => kept.known.delete(key));
	return known;
}

function workOut(camera: Kept<CameraRecord>, asked: LearntAsked, without?: string): Promise<LearntSoFar> {
	const question = { load: null, ...asked, camera: camera.id, at: new Date().toISOString() };
	return inThread('learntFor', dataFolder(), question, without);
}
