import type Database from 'better-sqlite3';
import type {
	CameraRecord,
	ExerciseRecord,
	FilmRecord,
	FrameRecord,
	GearRecord,
	LoadRecord,
	MeasurementRecord,
	OutingRecord,
	PlaceRecord,
	ReadingRecord,
	RecipeRecord
} from '$contract/records';
import { frameSearch } from './frame-search';
import { pictureTable } from './pictures';
import { recordTable, type TableDescription } from './record-table';

const named = {
	columns: {
		name: (record: { name: string }) => record.name,
		archived: (record: { archived?: boolean }) => Number(record.archived ?? false)
	},
	orderBy: 'name COLLATE NOCASE, id'
};

const frameColumns: TableDescription<FrameRecord>['columns'] = {
	load_id: ({ loadId }) => loadId,
	number: ({ number }) => number,
	taken_at: ({ takenAt }) => takenAt,
	verdict: ({ predicted }) => predicted.verdict,
	judged: ({ judged }) => judged?.stops ?? null,
	kept: ({ judged }) => (judged?.kept === undefined ? null : Number(judged.kept)),
	outing_id: ({ outing }) => outing?.id ?? null
};

const loadTable: TableDescription<LoadRecord> = {
	table: 'loads',
	columns: {
		camera_id: (load) => load.cameraId,
		film_id: (load) => load.filmId,
		loaded_at: (load) => load.loadedAt,
		in_camera: (load) => Number(load.unloadedAt === undefined)
	},
	orderBy: 'loaded_at DESC, id',
	references: {
		cameraId: { table: 'cameras', id: (load) => load.cameraId, what: 'camera' },
		filmId: { table: 'films', id: (load) => load.filmId, what: 'film' }
	},
	uniqueIssue: () => ({
		path: 'cameraId',
		message: 'this camera holds another load: take that one out first'
	})
};

/** Every kind of record that is stored; a new one is a migration and an entry here. */
export function tablesOf(database: Database.Database) {
	return {
		cameras: recordTable<CameraRecord>(database, { table: 'cameras', ...named }),
		films: recordTable<FilmRecord>(database, { table: 'films', ...named }),
		loads: recordTable<LoadRecord>(database, loadTable),
		frames: recordTable<FrameRecord>(database, {
			table: 'frames',
			columns: frameColumns,
			orderBy: 'load_id, number',
			references: { loadId: { table: 'loads', id: (frame) => frame.loadId, what: 'load' } },
			uniqueIssue: (frame) => ({
				path: 'number',
				message: `frame ${frame.number} of this load is already logged`
			})
		}),
		pictures: pictureTable(database),
		search: frameSearch(database),
		gear: recordTable<GearRecord>(database, {
			table: 'gear',
			columns: { kind: ({ type }) => type, name: ({ name }) => name },
			orderBy: 'kind, name COLLATE NOCASE, id'
		}),
		measurements: recordTable<MeasurementRecord>(database, {
			table: 'measurements',
			columns: { camera_id: ({ cameraId }) => cameraId, taken_at: ({ takenAt }) => takenAt },
			orderBy: 'taken_at DESC, id',
			references: { cameraId: { table: 'cameras', id: ({ cameraId }) => cameraId, what: 'camera' } }
		}),
		outings: recordTable<OutingRecord>(database, {
			table: 'outings',
			columns: { date: ({ date }) => date },
			orderBy: 'date DESC, id'
		}),
		exercises: recordTable<ExerciseRecord>(database, {
			table: 'exercises',
			columns: { kind: ({ kind }) => kind, at: ({ at }) => new Date(at).toISOString() },
			orderBy: 'at DESC, id'
		}),
		recipes: recordTable<RecipeRecord>(database, {
			table: 'recipes',
			columns: { name: ({ name }) => name },
			orderBy: 'name COLLATE NOCASE, id'
		}),
		places: recordTable<PlaceRecord>(database, {
			table: 'places',
			columns: { name: ({ name }) => name },
			orderBy: 'name COLLATE NOCASE, id'
		}),
		readings: recordTable<ReadingRecord>(database, {
			table: 'readings',
			columns: { taken_at: (reading) => reading.takenAt, named: ({ name }) => Number(name !== undefined) },
			orderBy: 'taken_at DESC, id'
		})
	};
}

export type Tables = ReturnType<typeof tablesOf>;
