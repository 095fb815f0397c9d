import { filmTypes, inProcess, isDevelopedLater } from '$core/film';
import type { LoadRecord } from '$contract/records';
import type { Kept, ViewRecords } from './records';

const LAST_DONE = 12;
/** Loads to choose from. */
const MOST_WAITING = 60;

/** A load with what it is of. */
async function withItsThings({ cameras, films }: ViewRecords, load: Kept<LoadRecord>) {
	const [camera, film] = await Promise.all([cameras.get(load.cameraId), films.get(load.filmId)]);
	return {
		name: `${film?.name ?? 'A film'} of ${camera?.name ?? 'a camera'}`,
		load,
		camera: camera!,
		film: inProcess(film!, load.process)
	};
}

/** All recipes, and what was developed last. */
export async function developing(from: ViewRecords) {
	const [recipes, done] = await Promise.all([from.recipes.all(), from.loads.developed(LAST_DONE)]);
	const named = await Promise.all(done.map((load) => withItsThings(from, load)));
	return {
		recipes,
		done: named.map(({ name, load }) => ({ id: load.id, name, developed: load.developed! }))
	};
}

/**
 * Loads that wait to be developed, the last one first.
 *
 * @param later those of film that is developed after it was shot; else of film that develops by itself
 */
export async function waiting(from: ViewRecords, later: boolean) {
	const types = filmTypes.filter((type) => isDevelopedLater({ type }) === later);
	const loads = await from.loads.waiting(types, MOST_WAITING);
	return Promise.all(loads.map((load) => withItsThings(from, load)));
}
