import { inProcess } from '$core/film';
import { withLearnt } from '$core/match';
import { isLearntFrom, learntOf } from '../learnt';
import { store } from '../store';

/** A film as it stands in a camera: developed as its load says, where it is in it now. */
function filmAsLoaded(cameraId: string, filmId: string) {
	const film = store().films.get(filmId);
	const inside = store()
		.loads.where('in_camera', 1)
		.find((load) => load.cameraId === cameraId && load.filmId === filmId);
	return film && inProcess(film, inside?.process);
}

/**
 * A camera and a film as they are used together, with what frames have taught of the two where that is in use.
 *
 * @returns undefined for what there is not
 */
export async function asUsed(cameraId: string, filmId: string) {
	const camera = store().cameras.get(cameraId);
	const film = filmAsLoaded(cameraId, filmId);
	if (!camera || !film || !isLearntFrom(camera)) return { camera, film };
	return withLearnt(camera, film, await learntOf(camera, { film: filmId }));
}
