import { cameraKind, takenBy, type Camera } from '$core/camera';
import equal from 'fast-deep-equal';
import { cineFormat, framesAdapted, framesOn, goesInto, type Film, type Takes } from '$core/film';
import type { LoadRecord } from '$contract/records';

/** Films that go into a camera, the slow ones first. */
export const filmsThatFit = <F extends Film & { archived?: boolean }>(
	films: readonly F[],
	takes: Takes
): F[] => films.filter((film) => !film.archived && goesInto(film, takes)).toSorted((a, b) => a.iso - b.iso);

/** What of a camera says how it is loaded. */
type Loading = Pick<Camera, 'kind' | 'framesPerSecond' | 'format'> & Partial<Pick<Camera, 'frame'>>;

/** Frames of a load: what a film for another body gives in it; else its kind's, or where it takes another format or another frame, what that holds. */
function usualFrames({ kind: id, format, frame }: Loading, film?: Pick<Film, 'format'>): number {
	const adapted = framesAdapted(film?.format, format, frame);
	if (adapted) return adapted.count;
	const kind = cameraKind(id);
	const { format: itsFormat, frame: itsFrame } = kind?.camera ?? {};
	const asItsKind = format === itsFormat && equal(frame, itsFrame);
	return (asItsKind ? null : framesOn(format, frame)) ?? kind?.frames ?? 12;
}

/**
 * What a camera is usually loaded with, and how it counts.
 *
 * @param film absent: one that was made for it
 */
export function typicalLoad(
	camera: Loading = {},
	film?: Pick<Film, 'format'>
): Pick<LoadRecord, 'frames' | 'counter' | 'spool'> {
	const { kind, format, framesPerSecond } = camera;
	return {
		frames: usualFrames(camera, film),
		counter: cameraKind(kind)?.film === 'instant' ? 'down' : 'up',
		...(framesPerSecond === undefined ? {} : { spool: { ...cineFormat(format), framesPerSecond } })
	};
}

/** Stops by which a film misses what an eye can be told; none by hand. */
function missed({ exposure }: Camera, { iso }: Film): number {
	if (exposure.mode !== 'auto') return 0;
	return Math.min(...exposure.iso.map((speed) => Math.abs(Math.log2(iso / speed))));
}

/**
 * The film that is offered for a camera: what is inside, else what it took last, else the one that its eye
 * expects, else the slowest that goes in.
 *
 * @param before the films that it took, the last one first, by id
 */
export function filmFor<F extends Film & { id: string; archived?: boolean }>(
	camera: Camera,
	films: readonly F[],
	before: readonly string[]
): F | undefined {
	const fitting = filmsThatFit(films, takenBy(camera));
	const last = before.flatMap((id) => fitting.find((film) => film.id === id) ?? [])[0];
	return last ?? fitting.toSorted((a, b) => missed(camera, a) - missed(camera, b) || a.iso - b.iso)[0];
}
