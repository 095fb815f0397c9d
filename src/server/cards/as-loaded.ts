import { inProcess } from '$core/film';
import { store } from '../store';

/** A film as it stands in a camera: developed as its load says, where it is in it now. */
export function filmAsLoaded(cameraId: string, filmId: string) {
	const film = store().films.get(filmId);
	const inside = store()
		.loads.where('in_camera', 1)
		.find((load) => load.cameraId === cameraId && load.filmId === filmId);
	return film && inProcess(film, inside?.process);
}
