import type Database from 'better-sqlite3';

/** Fifty thousand frames: what the pages of them cost, next to the bare SQL that they need. */

const LOADS = 1000;
const FRAMES = 49;
/** One load that is as long as a spool. */
const LONG = 1000;

export interface Planted {
	cameraId: string;
	filmId: string;
	longId: string;
	total: number;
}

/** Puts loads and judged frames into a database that has its tables. */
export function plantFrames(
	database: Database.Database,
	camera: object,
	film: object,
	predicted: object
): Planted {
	const [cameraId, filmId] = [crypto.randomUUID(), crypto.randomUUID()];
	const body = (record: object) => JSON.stringify(record);
	const load = database.prepare(
		`INSERT INTO loads (id, version, camera_id, film_id, loaded_at, in_camera, body) VALUES (?, 1, ?, ?, ?, 0, ?)`
	);
	const frame = database.prepare(
		`INSERT INTO frames (id, version, load_id, number, taken_at, verdict, judged, kept, body)
		VALUES (?, 1, ?, ?, ?, 'just-enough', ?, NULL, ?)`
	);
	let longId = '';
	let total = 0;
	database.transaction(() => {
		for (const [table, id, record] of [
			['cameras', cameraId, camera],
			['films', filmId, film]
		] as const) {
			database
				.prepare(`INSERT INTO ${table} (id, version, name, archived, body) VALUES (?, 1, ?, 0, ?)`)
				.run(id, 'Bench', body(record));
		}
		for (let number = 0; number < LOADS; number++) {
			const loadId = crypto.randomUUID();
			const frames = number === 0 ? LONG : FRAMES;
			const loadedAt = new Date(Date.UTC(2000, 0, number)).toISOString();
			if (number === 0) longId = loadId;
			const record = { cameraId, filmId, frames, loadedAt, unloadedAt: loadedAt };
			load.run(loadId, cameraId, filmId, loadedAt, body(record));
			for (let at = 1; at <= frames; at++) {
				const takenAt = new Date(Date.UTC(2000, 0, number, 0, at)).toISOString();
				const stops = ((at % 13) - 6) / 6;
				const judged = { stops, sd: 0.4, by: 'eye', judgedAt: takenAt };
				const { f, seconds, compensation, iso } = predicted as Record<string, number | null>;
				const settings = { f, seconds, compensation, iso };
				frame.run(
					crypto.randomUUID(),
					loadId,
					at,
					takenAt,
					stops,
					body({ loadId, number: at, takenAt, light: { ev: 12 }, settings, predicted, judged })
				);
				total += 1;
			}
		}
	})();
	return { cameraId, filmId, longId, total };
}

/** What the two pages ask of the database at least, ms for each. */
export function bareSql(database: Database.Database, { longId }: Planted): { list: number; strip: number } {
	const page = database.prepare('SELECT id, version, body FROM frames ORDER BY taken_at DESC, id LIMIT 50');
	const count = database.prepare('SELECT count(*) FROM frames');
	const strip = database.prepare('SELECT id, version, body FROM frames WHERE load_id = ? ORDER BY number');
	const ROUNDS = 30;
	const median = (work: () => unknown) => {
		const times = Array.from({ length: ROUNDS }, () => {
			const before = performance.now();
			work();
			return performance.now() - before;
		});
		return times.sort((a, b) => a - b)[ROUNDS / 2];
	};
	return { list: median(() => [page.all(), count.get()]), strip: median(() => strip.all(longId)) };
}
