import type { CameraRecord, FilmRecord, LoadRecord } from '$contract/records';
import type { FrameKey, Kept, Teachings } from '$views/records';
import { MOST_REPLAYED } from '$contract/what-if';
import type { LogAsked } from '$views/learn/log';
import { NEWEST_FRAMES } from '$views/learn/told';
import type { Replica } from './database';
import { byName, compared, FIRST, LAST, latest, newest, recordsOf } from './reading';
import type { FrameRow, LoadRow } from './rows';

/** Frames that were judged: of a camera, of a film, of both, or any. */
export interface Picked {
	camera?: string;
	film?: string;
}

/** Reads what is learnt from: first which frames those are, then them and what they were shot with. */
export class Taught {
	readonly #replica: Replica;
	readonly #rows = new Map<string, FrameRow>();

	constructor(replica: Replica) {
		this.#replica = replica;
	}

	#keep(rows: readonly (FrameRow | undefined)[]): FrameRow[] {
		const found = rows.flatMap((row) => row ?? []);
		for (const row of found) this.#rows.set(row.id, row);
		return found;
	}

	async #loadsOf({ camera, film }: Picked): Promise<LoadRow[]> {
		const { loads } = this.#replica;
		const [index, id] = camera === undefined ? ['[film+at]', film] : ['[camera+at]', camera];
		const rows = await loads.where(index).between([id, FIRST], [id, LAST]).toArray();
		return rows.filter((row) => film === undefined || row.film === film);
	}

	/** The frames that were judged, the newest of them. */
	async judged(picked: Picked, most: number): Promise<FrameRow[]> {
		const { frames } = this.#replica;
		if (picked.camera === undefined && picked.film === undefined)
			return this.#keep(await newest(frames, '[told+id]', most));
		const loads = await this.#loadsOf(picked);
		// Keys alone hold when and which: the frames themselves are read only where they are taken.
		const keys = await Promise.all(
			loads.map(({ id }) =>
				frames.where('[load+told+id]').between([id, FIRST, FIRST], [id, LAST, LAST]).keys()
			)
		);
		const all = keys.flat() as unknown as [load: string, told: string, id: string][];
		all.sort(([, a, x], [, b, y]) => compared(b, a) || compared(x, y));
		return this.#keep(await frames.bulkGet(all.slice(0, most).map(([, , id]) => id)));
	}

	/** Those that a named flash lit. */
	async lit(most: number): Promise<void> {
		this.#keep(await newest(this.#replica.frames, '[lit+id]', most));
	}

	/** Those that say something of a camera: its own, and those of others on the same films. */
	async around(camera: string): Promise<void> {
		const own = await this.judged({ camera }, NEWEST_FRAMES);
		const loads = await this.#replica.loads.bulkGet([...new Set(own.map(({ load }) => load))]);
		const films = new Set(loads.flatMap((load) => load?.film ?? []));
		for (const film of films) await this.judged({ film }, NEWEST_FRAMES);
	}

	/** Frames that are to be replayed, judged or not, and those that say something of their cameras. */
	async logged({ load, camera, frames: ids }: LogAsked): Promise<void> {
		const { frames, loads } = this.#replica;
		const rows = ids
			? await frames.bulkGet([...ids])
			: load
				? await frames.where('[load+number]').between([load, 0], [load, Infinity]).toArray()
				: await this.judged({ camera }, MOST_REPLAYED);
		const found = this.#keep(rows);
		const shot = await loads.bulkGet([...new Set(found.map((row) => row.load))]);
		for (const body of new Set(shot.flatMap((each) => each?.camera ?? []))) await this.around(body);
	}

	/** All of it, as it is learnt from. */
	async read(): Promise<Teachings> {
		const { cameras, films, loads } = this.#replica;
		const rows = [...this.#rows.values()].sort(latest);
		const [bodies, packs, shot] = await Promise.all([
			cameras.toArray(),
			films.toArray(),
			loads.bulkGet([...new Set(rows.map(({ load }) => load))])
		]);
		return teachingsOf(rows, {
			cameras: recordsOf(bodies),
			films: recordsOf(packs),
			loads: recordsOf(shot.flatMap((load) => load ?? []))
		});
	}
}

const few = <T extends { name: string; id: string; version: number }>(records: T[]) => {
	const byId = new Map(records.map((record) => [record.id, record]));
	const inOrder = records.toSorted(byName);
	return { get: (id: string) => byId.get(id), all: () => inOrder };
};

interface Things {
	cameras: Kept<CameraRecord>[];
	films: Kept<FilmRecord>[];
	loads: Kept<LoadRecord>[];
}

/** Frames that were read, the newest first, as they are learnt from. */
function teachingsOf(rows: readonly FrameRow[], { cameras, films, loads }: Things): Teachings {
	const loadById = new Map(loads.map((load) => [load.id, load]));
	const byId = new Map(rows.map((row) => [row.id, row]));
	const oldestFirst = (ids: readonly string[]) =>
		recordsOf(ids.flatMap((id) => byId.get(id) ?? []).sort(latest)).reverse();
	const isOf = ({ load }: FrameRow, { camera, film }: Picked) => {
		const { cameraId, filmId } = loadById.get(load)!;
		return (camera === undefined || camera === cameraId) && (film === undefined || film === filmId);
	};
	const keys = (found: readonly FrameRow[], most: number): FrameKey[] =>
		found.slice(0, most).map(({ id, load, record }) => ({ id, version: record.version, loadId: load }));
	return {
		cameras: few(cameras),
		films: few(films),
		loads: { get: (id) => loadById.get(id) },
		judged: {
			keys: (picked, most) =>
				keys(
					rows.filter((row) => row.told !== undefined && isOf(row, picked)),
					most
				),
			flashed: (most) =>
				keys(
					rows.filter(({ lit }) => lit !== undefined),
					most
				),
			frames: (asked) => oldestFirst(asked.map(({ id }) => id))
		},
		log: {
			ofLoad: (id) => recordsOf(rows.filter(({ load }) => load === id)).sort((a, b) => a.number - b.number),
			byIds: oldestFirst
		}
	};
}
