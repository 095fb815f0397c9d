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
	RecipeRecord,
	SettingsRecord
} from '$contract/records';
import { changesOf } from './changes';
import { counting } from './counting';
import { conditionsFor } from './frame-words';
import { frameSearch } from './frame-search';
import { utc, UTC_OF_ANY } from './instants';
import { loadSearch } from './load-search';
import { pictureTable } from './pictures';
import type { OrderColumn } from './pages';
import { recordTable, type TableDescription } from './record-table';

const ID: OrderColumn = { column: 'id' };
const byName: OrderColumn[] = [{ column: 'name', nocase: true }, ID];
const latestFirst = (column: string): OrderColumn[] => [{ column, falling: true }, ID];

/** Words in some fields of a record's body, upper and lower case alike. */
const saying = (...fields: string[]) => ({
	q: `instr(lower(${fields.map((field) => `coalesce(json_extract(body, '$.${field}'), '')`).join(" || ' ' || ")}), lower(?)) > 0`
});

/** Frames by what they belong to, and by when they were taken, whatever the zone it was said in. */
const frameFilters = {
	load: 'load_id = ?',
	camera: 'load_id IN (SELECT id FROM loads WHERE camera_id = ?)',
	film: 'load_id IN (SELECT id FROM loads WHERE film_id = ?)',
	from: `taken_at >= ${UTC_OF_ANY}`,
	to: `taken_at <= ${UTC_OF_ANY}`,
	q: conditionsFor
};

const named = {
	columns: {
		name: (record: { name: string }) => record.name,
		archived: (record: { archived?: boolean }) => Number(record.archived ?? false)
	},
	orderBy: byName,
	filters: saying('name', 'notes')
};

const justNamed = {
	columns: { name: (record: { name: string }) => record.name },
	orderBy: byName,
	filters: saying('name', 'notes')
};

const frameColumns: TableDescription<FrameRecord>['columns'] = {
	load_id: ({ loadId }) => loadId,
	number: ({ number }) => number,
	taken_at: ({ takenAt }) => utc(takenAt),
	verdict: ({ predicted }) => predicted?.verdict ?? null,
	judged: ({ judged }) => judged?.stops ?? null,
	kept: ({ judged }) => (judged?.kept === undefined ? null : Number(judged.kept)),
	outing_id: ({ outing }) => outing?.id ?? null
};

const frameTable: TableDescription<FrameRecord> = {
	table: 'frames',
	columns: frameColumns,
	orderBy: [{ column: 'load_id' }, { column: 'number' }, ID],
	filters: frameFilters,
	references: { loadId: { table: 'loads', id: (frame) => frame.loadId, what: 'load' } },
	uniqueIssue: (frame) => ({
		path: 'number',
		message: `frame ${frame.number} of this load is already logged`
	})
};

const loadTable: TableDescription<LoadRecord> = {
	table: 'loads',
	columns: {
		camera_id: (load) => load.cameraId,
		film_id: (load) => load.filmId,
		loaded_at: (load) => utc(load.loadedAt),
		in_camera: (load) => Number(load.unloadedAt === undefined)
	},
	orderBy: latestFirst('loaded_at'),
	aside: ['rig'],
	filters: { camera: 'camera_id = ?', film: 'film_id = ?', ...saying('note') },
	references: {
		cameraId: { table: 'cameras', id: (load) => load.cameraId, what: 'camera' },
		filmId: { table: 'films', id: (load) => load.filmId, what: 'film' }
	},
	uniqueIssue: () => ({
		path: 'cameraId',
		message: 'this camera holds another load: take that one out first'
	})
};

/** Every database that is opened has another number: what is kept of one is never another's. */
let openings = 0;

/** The tables of what was shot with what, as they are read beside the server, too. */
export const readTables = (database: Database.Database) => ({
	cameras: recordTable<CameraRecord>(database, { table: 'cameras', ...named }),
	films: recordTable<FilmRecord>(database, { table: 'films', ...named }),
	loads: recordTable<LoadRecord>(database, loadTable),
	frames: recordTable<FrameRecord>(database, frameTable),
	search: frameSearch(database)
});
export type ReadTables = ReturnType<typeof readTables>;

/** Every kind of record that is stored; a new one is a migration and an entry here. */
export function tablesOf(database: Database.Database) {
	const opening = ++openings;
	/** Writes that may change what frames teach. */
	let teachings = 0;
	const teaches = () => void (teachings += 1);
	const always = () => true;
	const { cameras, films, loads, frames, search } = readTables(database);
	return {
		cameras: counting(cameras, always, teaches),
		films: counting(films, always, teaches),
		loads: counting(loads, always, teaches),
		frames: counting(frames, ({ judged }) => judged !== undefined, teaches),
		/** Changes with each write that may change what frames teach, and with any of another connection. */
		teachings: (): string => `${opening} ${teachings} ${database.pragma('data_version', { simple: true })}`,
		changes: changesOf(database),
		pictures: pictureTable(database),
		search,
		loadSearch: loadSearch(database),
		gear: recordTable<GearRecord>(database, {
			table: 'gear',
			columns: { kind: ({ type }) => type, name: ({ name }) => name },
			orderBy: [{ column: 'kind' }, ...byName],
			filters: saying('name')
		}),
		measurements: recordTable<MeasurementRecord>(database, {
			table: 'measurements',
			columns: { camera_id: ({ cameraId }) => cameraId, taken_at: ({ takenAt }) => utc(takenAt) },
			orderBy: latestFirst('taken_at'),
			filters: { camera: 'camera_id = ?' },
			references: { cameraId: { table: 'cameras', id: ({ cameraId }) => cameraId, what: 'camera' } }
		}),
		outings: recordTable<OutingRecord>(database, {
			table: 'outings',
			columns: { date: ({ date }) => date },
			orderBy: latestFirst('date'),
			filters: saying('name')
		}),
		exercises: recordTable<ExerciseRecord>(database, {
			table: 'exercises',
			columns: { kind: ({ kind }) => kind, at: ({ at }) => new Date(at).toISOString() },
			orderBy: latestFirst('at'),
			filters: { kind: 'kind = ?' }
		}),
		recipes: recordTable<RecipeRecord>(database, { table: 'recipes', ...justNamed }),
		settings: recordTable<SettingsRecord>(database, { table: 'settings', columns: {}, orderBy: [ID] }),
		places: recordTable<PlaceRecord>(database, { table: 'places', ...justNamed }),
		readings: recordTable<ReadingRecord>(database, {
			table: 'readings',
			columns: {
				taken_at: (reading) => utc(reading.takenAt),
				named: ({ name }) => Number(name !== undefined)
			},
			orderBy: latestFirst('taken_at'),
			filters: saying('name')
		})
	};
}

export type Tables = ReturnType<typeof tablesOf>;
