import { createHash } from 'node:crypto';
import type { FrameKey, Teachings } from '$views/records';
import type { ReadTables } from '../database/tables';
import { everything } from '../everything';

/** The records as learning reads them, from the database. */
export function teachingsOf({ cameras, films, loads, frames, search }: ReadTables): Teachings {
	return {
		cameras: { get: (id) => cameras.get(id), all: () => everything(cameras) },
		films: { get: (id) => films.get(id), all: () => everything(films) },
		loads: { get: (id) => loads.get(id) },
		judged: {
			keys: (of, newest) => search.judgedKeys(of, newest),
			flashed: (newest) => search.flashedKeys(newest),
			frames: (keys) => search.framesOf(keys)
		},
		log: {
			ofLoad: (id) => frames.where('load_id', id),
			byIds: (ids) => search.framesOf(ids.map((id) => ({ id })))
		}
	};
}

const inShort = ({ id, version }: { id: string; version: number }) => `${id} ${version}`;

/** Changes with any of some frames, and with anything they were shot with: their loads, and all cameras and films, which are few. */
export function signatureOf({ cameras, films, loads }: Teachings, keys: readonly FrameKey[]): string {
	const shot = [...new Set(keys.map(({ loadId }) => loadId))].map((id) => loads.get(id)!);
	const all = [...keys, ...shot, ...cameras.all(), ...films.all()];
	return createHash('sha256').update(all.map(inShort).join('\n')).digest('base64');
}
