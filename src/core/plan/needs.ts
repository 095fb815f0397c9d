import { packsFor } from './pack';
import type { Outing } from './outing';

/** What is left of a film in a camera. */
export interface Inside {
	cameraId: string;
	filmId: string;
	/** Frames. */
	frames: number;
}

/** What an outing takes of a film, beside what is in its cameras then. */
export interface FilmNeed<O> {
	outing: O;
	filmId: string;
	/** Packs or rolls; 0: what is in the cameras will do. */
	packs: number;
}

/**
 * What outings take of each film, one after another: what one leaves in a camera is there for the next.
 *
 * @param outings as they were packed; a scene that nothing was packed for takes nothing
 * @param inside what is left in cameras now
 * @param framesOf frames in a pack or roll of a film in a camera
 * @returns by the outings' days
 * @example needsOf([an outing of 30 frames], [{ …, frames: 12 }], () => 12)[0].packs // 2
 */
export function needsOf<O extends Outing>(
	outings: readonly O[],
	inside: readonly Inside[],
	framesOf: (filmId: string) => number
): FilmNeed<O>[] {
	const keyOf = ({ cameraId, filmId }: Pick<Inside, 'cameraId' | 'filmId'>) => `${cameraId} ${filmId}`;
	const there = new Map(inside.map((each) => [keyOf(each), each.frames]));
	const inOrder = outings.toSorted((a, b) => a.date.localeCompare(b.date));
	return inOrder.flatMap((outing) => {
		const packs = new Map<string, number>();
		for (const { take, frames } of outing.scenes) {
			if (!take) continue;
			const before = there.get(keyOf(take)) ?? 0;
			const inPack = framesOf(take.filmId);
			const more = packsFor(frames, before, inPack);
			there.set(keyOf(take), before + more * inPack - frames);
			packs.set(take.filmId, (packs.get(take.filmId) ?? 0) + more);
		}
		return [...packs].map(([filmId, count]) => ({ outing, filmId, packs: count }));
	});
}
