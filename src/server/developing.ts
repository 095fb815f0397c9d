import { filmTypes, inProcess, isDevelopedLater } from '$core/film';
import type { LoadRecord } from '$contract/records';
import type { Kept } from './database/record-table';
import { everything } from './everything';
import { store } from './store';

const LAST_DONE = 12;
/** Loads to choose from. */
const MOST_WAITING = 60;

function nameOf({ cameraId, filmId }: LoadRecord): string {
	const { cameras, films } = store();
	return `${films.get(filmId)?.name ?? 'A film'} of ${cameras.get(cameraId)?.name ?? 'a camera'}`;
}

/** All recipes, and what was developed last. */
export function developing() {
	const { recipes, loadSearch } = store();
	return {
		recipes: everything(recipes),
		done: loadSearch
			.developed(LAST_DONE)
			.map((load) => ({ id: load.id, name: nameOf(load), developed: load.developed! }))
	};
}

const withItsThings = (load: Kept<LoadRecord>) => ({
	name: nameOf(load),
	load,
	camera: store().cameras.get(load.cameraId)!,
	film: inProcess(store().films.get(load.filmId)!, load.process)
});

/**
 * Loads that wait to be developed, the last one first.
 *
 * @param later those of film that is developed after it was shot; else of film that develops by itself
 */
export function waiting(later: boolean) {
	const types = filmTypes.filter((type) => isDevelopedLater({ type }) === later);
	return store().loadSearch.waiting(types, MOST_WAITING).map(withItsThings);
}
