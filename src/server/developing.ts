import { inProcess } from '$core/film';
import { everything } from './everything';
import { store } from './store';

const LAST_DONE = 12;

/** What the pages of Develop show: recipes, loads with what they are called, and what was developed last. */
export function developing() {
	const { recipes, loads, cameras, films, frames } = store();
	const all = everything(loads);
	const nameOf = ({ cameraId, filmId }: (typeof all)[number]) =>
		`${films.get(filmId)?.name ?? 'A film'} of ${cameras.get(cameraId)?.name ?? 'a camera'}`;
	return {
		recipes: everything(recipes),
		loads: all,
		waiting: all
			.filter(({ developed }) => !developed)
			.map((load) => ({
				name: nameOf(load),
				load,
				camera: cameras.get(load.cameraId)!,
				film: inProcess(films.get(load.filmId)!, load.process),
				frames: frames.where('load_id', load.id)
			})),
		done: all
			.flatMap((load) =>
				load.developed ? [{ id: load.id, name: nameOf(load), developed: load.developed }] : []
			)
			.sort((a, b) => b.developed.at.localeCompare(a.developed.at))
			.slice(0, LAST_DONE)
	};
}
