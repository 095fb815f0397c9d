import { SETTINGS_ID } from '$contract/settings';
import type { ExerciseRecord } from '$contract/records';
import type { ExerciseOf, Few, ViewRecords } from '$views/records';
import { backupsTold } from '../api/backups';
import type { RecordTable } from '../database/record-table';
import { everything } from '../everything';
import { inThread } from '../heavy/pool';
import { flashes, honesty, learntOf, log, lessonFor, ways } from '../learnt';
import { dataFolder, store } from '../store';

const few = <T>(table: RecordTable<T>): Few<T> => ({
	get: (id) => table.get(id),
	all: () => everything(table)
});

/** What views ask, from the database. */
export function viewRecords(): ViewRecords {
	const { cameras, films, gear, recipes, places, outings, loads, frames } = store();
	const { readings, exercises, settings, measurements, pictures, loadSearch, search } = store();
	return {
		cameras: few(cameras),
		films: few(films),
		gear: few(gear),
		recipes: few(recipes),
		places: few(places),
		outings: few(outings),
		loads: {
			get: (id) => loads.get(id),
			inCameras: () => loads.where('in_camera', 1),
			ofCamera: (id) => loads.where('camera_id', id),
			page: (limit, after) => loads.page({ limit, ...(after !== null && { after }) }),
			...loadSearch
		},
		frames: {
			get: (id) => frames.get(id),
			ofLoad: (id) => frames.where('load_id', id),
			ofOuting: (id) => frames.where('outing_id', id),
			asked: (query) => inThread('framesAsked', dataFolder(), query)
		},
		readings: {
			last: (most) => readings.list(most, 0).items,
			landmarks: () => readings.where('named', 1)
		},
		exercises: {
			last: (most) => exercises.list(most, 0).items,
			only: <K extends ExerciseRecord['kind']>(kind: K) => exercises.where('kind', kind) as ExerciseOf<K>[],
			count: (kind) => exercises.page({ limit: 1, filters: { kind } })?.total ?? 0
		},
		settings: () => settings.get(SETTINGS_ID),
		measurements: { ofCamera: (id) => measurements.where('camera_id', id) },
		pictures: {
			of: (owner, id) => pictures.of(owner, id),
			firstOfLoad: (id) => pictures.firstOfLoad(id)
		},
		learning: {
			judgedCameras: () => search.judgedCameras(),
			lesson: lessonFor,
			ways,
			flashes,
			honesty,
			log,
			soFar: learntOf
		},
		backups: backupsTold
	};
}
