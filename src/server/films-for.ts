import { takenBy } from '$core/camera';
import { goesInto, inProcess } from '$core/film';
import type { CameraRecord, FilmRecord } from '$contract/records';
import { everything } from './everything';
import { store } from './store';

/** Films of the bag that fit a camera; the one that is in it first. */
export function filmsFor(camera: CameraRecord & { id: string }): FilmRecord[] {
	const { films, loads } = store();
	const load = loads.where('camera_id', camera.id).find(({ unloadedAt }) => unloadedAt === undefined);
	const film = load && films.get(load.filmId);
	const inside = film && inProcess(film, load.process);
	const takes = takenBy(camera, inside);
	const fitting = everything(films).filter(
		(film) => !film.archived && film.id !== inside?.id && goesInto(film, takes)
	);
	return inside ? [inside, ...fitting] : fitting;
}
