import { SETTINGS_ID } from '$contract/settings';
import type { Table } from 'dexie';
import type { OwnedPicture } from '$contract/pictures';
import type { ExerciseRecord } from '$contract/records';
import type { ExerciseOf, Few, Kept, ViewRecords } from '$views/records';
import type { Replica } from './database';
import { loadsIn } from './loads';
import { byName, compared, FIRST, LAST, latest, newest, recordsOf } from './reading';
import type { Row } from './rows';
import type { Working } from './working';

function few<T>(table: Table<Row<Kept<T>>, string>, order: (a: Kept<T>, b: Kept<T>) => number): Few<T> {
	return {
		get: async (id) => (await table.get(id))?.record,
		all: async () => recordsOf(await table.toArray()).sort(order)
	};
}

function exercisesIn({ exercises }: Replica): ViewRecords['exercises'] {
	const ofKind = (kind: string) => exercises.where('[kind+at]').between([kind, FIRST], [kind, LAST]);
	return {
		last: async (most) => recordsOf(await newest(exercises, '[at+id]', most)),
		only: async <K extends ExerciseRecord['kind']>(kind: K) =>
			recordsOf((await ofKind(kind).toArray()).sort(latest)) as ExerciseOf<K>[],
		count: (kind) => ofKind(kind).count()
	};
}

function picturesIn({ pictures, frames }: Replica): ViewRecords['pictures'] {
	const added = ({ record: a }: Row<OwnedPicture>, { record: b }: Row<OwnedPicture>) =>
		compared(a.addedAt, b.addedAt) || compared(a.id, b.id);
	return {
		async of(owner, id) {
			const rows = await pictures.where('owned').equals(`${owner} ${id}`).toArray();
			return rows.sort(added).map(({ record }) => {
				const { owner: _, ownerId: _of, version: _version, ...picture } = record;
				return picture;
			});
		},
		async firstOfLoad(id) {
			const ids = await frames.where('[load+number]').between([id, 0], [id, Infinity]).primaryKeys();
			const rows = await pictures
				.where('owned')
				.anyOf(ids.map((frame) => `frame ${frame}`))
				.toArray();
			const lastFirst = rows.sort(added).reverse();
			return Object.fromEntries(lastFirst.map(({ id, record }) => [record.ownerId, id]));
		}
	};
}

/**
 * What views ask, from the copy in the browser.
 *
 * @param working what goes through many frames, wherever that is done
 */
export function replicaRecords(replica: Replica, working: Working): ViewRecords {
	const { cameras, films, gear, recipes, places, outings, frames, readings, measurements } = replica;
	return {
		cameras: few(cameras, byName),
		films: few(films, byName),
		gear: few(gear, (a, b) => compared(a.type, b.type) || byName(a, b)),
		recipes: few(recipes, byName),
		places: few(places, byName),
		outings: few(outings, (a, b) => compared(b.date, a.date) || compared(a.id, b.id)),
		loads: loadsIn(replica),
		frames: {
			get: async (id) => (await frames.get(id))?.record,
			ofLoad: async (id) =>
				recordsOf(await frames.where('[load+number]').between([id, 0], [id, Infinity]).toArray()),
			async ofOuting(id) {
				const rows = await frames.where('outing').equals(id).toArray();
				return recordsOf(
					rows.sort((a, b) => compared(a.load, b.load) || a.number - b.number || compared(a.id, b.id))
				);
			},
			asked: (query) => working.framesAsked(query)
		},
		readings: {
			last: async (most) => recordsOf(await newest(readings, '[at+id]', most)),
			landmarks: async () => recordsOf((await readings.where('named').equals(1).toArray()).sort(latest))
		},
		exercises: exercisesIn(replica),
		settings: async () => (await replica.settings.get(SETTINGS_ID))?.record,
		measurements: {
			ofCamera: async (id) =>
				recordsOf(await measurements.where('camera').equals(id).toArray()).sort(
					(a, b) => Date.parse(b.takenAt) - Date.parse(a.takenAt) || compared(a.id, b.id)
				)
		},
		pictures: picturesIn(replica),
		learning: {
			judgedCameras: () => working.judgedCameras(),
			lesson: (camera) => working.lesson(camera),
			ways: () => working.ways(),
			flashes: () => working.flashes(),
			honesty: (asked) => working.honesty(asked),
			log: (asked) => working.log(asked),
			soFar: ({ id }, asked, without) => working.soFar(id, asked, without)
		},
		// The server alone keeps them.
		backups: () => null
	};
}
