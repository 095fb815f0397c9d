import { cameraKind, type Camera } from '$core/camera';
import { fitsWhere, type Film, type FilmType } from '$core/film';

/** Type of film that goes into a camera: what is in it, else what its kind takes; undefined where any may. */
export const takenBy = (camera: Pick<Camera, 'kind'>, inside?: Pick<Film, 'type'>): FilmType | undefined =>
	inside?.type ?? cameraKind(camera.kind)?.film;

/** Films that go into a camera, the slow ones first. */
export const filmsThatFit = <F extends Film & { archived?: boolean }>(
	films: readonly F[],
	takes: FilmType | undefined
): F[] =>
	films
		.filter((film) => !film.archived && (!takes || fitsWhere(film, takes)))
		.toSorted((a, b) => a.iso - b.iso);
