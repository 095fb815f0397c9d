import type { LoadRecord } from '$contract/records';
import type { Kept, Tally, ViewRecords } from '$views/records';
import type { Replica } from './database';
import { FIRST, LAST, latest, newest, recordsOf } from './reading';
import type { LoadRow } from './rows';

/** How a page of loads says where it ended: as the server says it, so that an address holds with and without it. */
const tokenOf = ({ at, id }: LoadRow) =>
	btoa(JSON.stringify([at, id]))
		.replaceAll('+', '-')
		.replaceAll('/', '_')
		.replaceAll('=', '');

function keyIn(token: string): [at: string, id: string] | null {
	try {
		const key: unknown = JSON.parse(atob(token.replaceAll('-', '+').replaceAll('_', '/')));
		const isKey = Array.isArray(key) && key.length === 2 && key.every((part) => typeof part === 'string');
		return isKey ? (key as [string, string]) : null;
	} catch {
		return null;
	}
}

const inOrder = (rows: LoadRow[]) => recordsOf(rows.sort(latest));

/** How many of a load's frames there are, and how many of those were judged. */
async function tallyOf({ frames }: Replica, id: string): Promise<[string, Tally][]> {
	const [taken, judged] = await Promise.all([
		frames.where('[load+number]').between([id, 0], [id, Infinity]).count(),
		frames.where('[load+told+id]').between([id, FIRST, FIRST], [id, LAST, LAST]).count()
	]);
	return taken > 0 ? [[id, { taken, judged }]] : [];
}

/** Loads, as views ask of them. */
export function loadsIn(replica: Replica): ViewRecords['loads'] {
	const { loads, films, frames } = replica;
	const ofFilm = async (film: string) =>
		inOrder(await loads.where('[film+at]').between([film, FIRST], [film, LAST]).toArray());
	/** The highest number of a load's frames, or what it should hold. */
	const countOf = async ({ id, frames: most }: Kept<LoadRecord>) =>
		(await frames.where('[load+number]').between([id, 0], [id, Infinity]).last())?.number ?? most;

	async function page(limit: number, after: string | null) {
		const key = after === null ? null : keyIn(after);
		if (after !== null && key === null) return null;
		const [at, id] = key ?? [LAST, LAST];
		const alike = key ? await loads.where('[at+id]').between([at, FIRST], [at, LAST], true, true).count() : 0;
		const rows = await newest(loads, '[at+id]', limit + 1 + alike, at);
		const behind = key ? rows.filter((row) => row.at < at || row.id > id) : rows;
		const items = behind.slice(0, limit);
		const next = behind.length > limit ? tokenOf(items[items.length - 1]) : null;
		return { items: recordsOf(items), next };
	}

	return {
		page,
		lastShot: async () => (await newest(frames, '[at+id]', 1)).at(0)?.load ?? null,
		tallies: async (ids) =>
			Object.fromEntries((await Promise.all(ids.map((id) => tallyOf(replica, id)))).flat()),
		get: async (id) => (await loads.get(id))?.record,
		inCameras: async () => inOrder(await loads.where('open').equals(1).toArray()),
		ofCamera: async (id) =>
			inOrder(await loads.where('[camera+at]').between([id, FIRST], [id, LAST]).toArray()),
		async waiting(types, most) {
			const all = new Map((await films.toArray()).map(({ id, record }) => [id, record.type]));
			const rows = await loads.where('[waits+id]').above([FIRST, FIRST]).toArray();
			return inOrder(rows.filter(({ film }) => types.some((type) => type === all.get(film)))).slice(0, most);
		},
		developed: async (most) =>
			recordsOf(await loads.where('developed').above(FIRST).reverse().limit(most).toArray()),
		async taken() {
			const rows = await loads.orderBy('[at+id]').reverse().toArray();
			const seen = new Map<string, { camera: string; film: string }>();
			for (const { camera, film } of rows) {
				const key = `${camera} ${film}`;
				if (!seen.has(key)) seen.set(key, { camera, film });
			}
			return [...seen.values()];
		},
		async lastOf(film) {
			const all = await ofFilm(film);
			const [load] = all;
			return load && { load, price: all.find(({ price }) => price !== undefined)?.price };
		},
		timesOf: async (film) => (await ofFilm(film)).map(({ loadedAt }) => loadedAt),
		async lastNumber() {
			const counted = recordsOf(await loads.where('counts').equals(1).toArray());
			const last = await Promise.all(
				counted.map(async (load) => load.countsFrom! - 1 + (await countOf(load)))
			);
			return last.length > 0 ? Math.max(...last) : null;
		}
	};
}
