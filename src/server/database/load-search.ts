import type Database from 'better-sqlite3';
import type { FilmType } from '$core/film';
import type { LoadRecord } from '$contract/records';
import type { Tally } from '$views/records';
import { keeper, type Row } from './record-rows';
import type { Kept } from './record-table';

/** Beside its body a load has what is on its camera. */
const ASIDE = ['rig'];
const READ = 'loads.id, loads.version, loads.body, loads.rig';
const LATEST = 'loads.loaded_at DESC, loads.id';

/** What pages ask of all loads, however many there are: each a page's worth. */
export function loadSearch(database: Database.Database) {
	const kept = keeper<LoadRecord>(ASIDE);
	const waiting = database.prepare<[string, number], Row>(
		`SELECT ${READ} FROM loads JOIN films ON films.id = loads.film_id
		WHERE loads.developed_at IS NULL
			AND json_extract(films.body, '$.type') IN (SELECT value FROM json_each(?))
		ORDER BY ${LATEST} LIMIT ?`
	);
	const developed = database.prepare<[number], Row>(
		`SELECT ${READ} FROM loads WHERE developed_at IS NOT NULL ORDER BY developed_at DESC LIMIT ?`
	);
	const taken = database.prepare<[], { camera: string; film: string }>(
		`SELECT camera_id AS camera, film_id AS film, max(loaded_at) AS last FROM loads
		GROUP BY camera_id, film_id ORDER BY last DESC`
	);
	const lastOf = database.prepare<[string], Row>(
		`SELECT ${READ} FROM loads WHERE film_id = ? ORDER BY ${LATEST} LIMIT 1`
	);
	const lastPrice = database.prepare<[string], { price: number }>(
		`SELECT json_extract(body, '$.price') AS price FROM loads
		WHERE film_id = ? AND json_extract(body, '$.price') IS NOT NULL ORDER BY ${LATEST} LIMIT 1`
	);
	const timesOf = database.prepare<[string], { at: string }>(
		`SELECT json_extract(body, '$.loadedAt') AS at FROM loads WHERE film_id = ?`
	);
	const lastNumber = database.prepare<[], { last: number | null }>(
		`SELECT max(json_extract(body, '$.countsFrom') - 1 + coalesce(
			(SELECT max(number) FROM frames WHERE load_id = loads.id), json_extract(body, '$.frames')
		)) AS last FROM loads WHERE json_extract(body, '$.countsFrom') IS NOT NULL`
	);
	const lastShot = database.prepare<[], { id: string }>(
		'SELECT load_id AS id FROM frames ORDER BY taken_at DESC, id LIMIT 1'
	);
	const tallies = database.prepare<[string], { id: string } & Tally>(
		`SELECT load_id AS id, count(*) AS taken, count(judged) AS judged FROM frames
		WHERE load_id IN (SELECT value FROM json_each(?)) GROUP BY load_id`
	);
	return {
		/** The load that was shot on last. */
		lastShot: (): string | null => lastShot.get()?.id ?? null,
		/** How many frames of some loads were logged and judged. */
		tallies: (ids: readonly string[]): Record<string, Tally> =>
			Object.fromEntries(
				tallies.all(JSON.stringify(ids)).map(({ id, taken, judged }) => [id, { taken, judged }])
			),
		/** The last running number that was given; null where nobody counts on. */
		lastNumber: (): number | null => lastNumber.get()!.last,
		/** Loads of films of some types that are not developed yet, the last one first. */
		waiting: (types: readonly FilmType[], most: number): Kept<LoadRecord>[] =>
			waiting.all(JSON.stringify(types), most).map(kept),
		/** What was developed last. */
		developed: (most: number): Kept<LoadRecord>[] => developed.all(most).map(kept),
		/** Which camera took which film, the last one first. */
		taken: () => taken.all(),
		/** When a film was loaded. */
		timesOf: (film: string): string[] => timesOf.all(film).map(({ at }) => at),
		/** The last load of a film, and the last price that was said of one. */
		lastOf(film: string): { load: Kept<LoadRecord>; price?: number } | undefined {
			const row = lastOf.get(film);
			return row && { load: kept(row), price: lastPrice.get(film)?.price };
		}
	};
}
