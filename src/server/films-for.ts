import { cameraKind } from '$core/camera';
import { fitsWhere, inProcess } from '$core/film';
import type { CameraRecord, FilmRecord } from '$contract/records';
import { everything } from './everything';
import { store } from './store';

/** Films of the bag that fit a camera; the one that is in it first. */
export function filmsFor({ id, kind }: CameraRecord & { id: string }): FilmRecord[] {
	const { films, loads } = store();
	const load = loads.where('camera_id', id).find(({ unloadedAt }) => unloadedAt === undefined);
	const film = load && films.get(load.filmId);
	const inside = film && inProcess(film, load.process);
	const type = inside?.type ?? cameraKind(kind)?.film;
	const fitting = everything(films).filter(
		(film) => !film.archived && film.id !== inside?.id && (!type || fitsWhere(film, type))
	);
	return inside ? [inside, ...fitting] : fitting;
}
