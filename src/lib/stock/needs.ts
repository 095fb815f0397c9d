import { needsOf, type FilmNeed } from '$core/plan';
import type { OutingRecord } from '$contract/records';
import type { Kept } from '$lib/records/client';
import { loadedCameras, type BagRecords } from '$lib/shoot/bag';
import { usualFrames } from '$lib/outings/pack-question';

/** What an outing takes of a film, and which one it is. */
export type NeedOfOuting = FilmNeed<Kept<OutingRecord>>;

/** What is planned: what each outing takes of each film, and the outings that nothing is packed for yet. */
export interface Planned {
	needs: NeedOfOuting[];
	unpacked: Kept<OutingRecord>[];
}

/**
 * What planned outings take, one after another, of what is in cameras and of packs.
 *
 * @param outings those to come
 */
export function plannedOf(
	outings: readonly Kept<OutingRecord>[],
	records: BagRecords,
	usual: Readonly<Record<string, { frames?: number }>>
): Planned {
	const inside = loadedCameras(records).map(({ camera, film, left }) => ({
		cameraId: camera.id,
		filmId: film.id,
		frames: left
	}));
	const typeOf = (id: string) => records.films.find((film) => film.id === id)?.type;
	const needs = needsOf(outings, inside, (id) => usual[id]?.frames ?? usualFrames(typeOf(id) ?? 'instant'));
	return {
		needs: needs.filter(({ filmId }) => typeOf(filmId) !== undefined),
		unpacked: outings.filter(({ scenes }) => scenes.some(({ take }) => !take))
	};
}
