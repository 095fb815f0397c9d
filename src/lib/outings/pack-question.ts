import { filtersOf } from '$contract/own-filters';
import { packSceneOf, type Outing, type PackQuestion } from '$core/plan';
import { cameraKind, takenBy, type Filter } from '$core/camera';
import type { FilmType } from '$core/film';
import { loadedCameras, type BagRecords } from '$lib/shoot/bag';

/** The bag, and of each film, by its id, how its last load was. */
export type PackingRecords = BagRecords & {
	usual: Readonly<Record<string, { frames?: number; price?: number; left?: number }>>;
};

/** What is asked of packing, and the records that its places stand for. */
export interface Asked {
	question: PackQuestion;
	cameras: BagRecords['cameras'];
	films: BagRecords['films'];
	filters: Filter[];
}

/** A usual roll or pack, where none of a film was ever loaded. */
const FRAMES = 10;

/** Packing for an outing, from all that is in the bag and not archived. */
export function packQuestionOf(outing: Outing, records: PackingRecords): Asked {
	const cameras = records.cameras.filter(({ archived }) => !archived);
	const films = records.films.filter(({ archived }) => !archived);
	const loaded = loadedCameras(records);
	const filters = filtersOf(records.gear);
	const question: PackQuestion = {
		cameras: cameras.map((camera) => ({
			camera,
			takes: takenBy(camera, loaded.find((each) => each.camera.id === camera.id)?.film)
		})),
		films: films.map((film) => {
			const { frames = usualFrames(film.type), price, left } = records.usual[film.id] ?? {};
			const inside = loaded
				.filter((each) => each.film.id === film.id)
				.map((each) => ({
					camera: cameras.findIndex(({ id }) => id === each.camera.id),
					frames: each.left
				}))
				.filter((each) => each.camera >= 0 && each.frames > 0);
			return { film, frames, price, left, inside };
		}),
		filters,
		tripod: records.gear.some(({ type }) => type === 'support'),
		scenes: outing.scenes.map((scene) => packSceneOf(outing, scene))
	};
	return { question, cameras, films, filters };
}

/** What a roll or pack usually holds, where none of its film was ever loaded. */
export const usualFrames = (type: FilmType) =>
	type === 'instant' ? (cameraKind('folding-instant')?.frames ?? FRAMES) : FRAMES;
