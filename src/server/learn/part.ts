import { createHash } from 'node:crypto';
import type { LoadRecord } from '$contract/records';
import type { FrameKey } from '../database/frame-search';
import type { ReadTables } from '../database/tables';
import { everything } from '../everything';
import { asShot, NEWEST_FRAMES, type Told } from './told';

/** The frames that say something of a camera: its own, and those of others that were shot on the same films. */
export interface Part {
	/** Changes with any of them, and with anything that they were shot with. */
	signature: string;
	/** They, with what they were shot with. */
	frames: () => Told[];
}

const inShort = ({ id, version }: { id: string; version: number }) => `${id} ${version}`;

/** What stands behind a signature: frames, their loads, and all cameras and films, which are few. */
function signed(from: ReadTables, keys: readonly FrameKey[]): string {
	const loads = [...new Set(keys.map(({ loadId }) => loadId))].map((id) => from.loads.get(id)!);
	const all = [...keys, ...loads, ...everything(from.cameras), ...everything(from.films)];
	return createHash('sha256').update(all.map(inShort).join('\n')).digest('base64');
}

/** The part of all frames that says something of a camera. */
export function partOf(from: ReadTables, camera: string): Part {
	const { loads, search } = from;
	const own = search.judgedKeys({ camera }, NEWEST_FRAMES);
	const seen = new Map<string, LoadRecord>();
	const loadOf = ({ loadId }: FrameKey) => {
		const load = seen.get(loadId) ?? loads.get(loadId)!;
		seen.set(loadId, load);
		return load;
	};
	const films = [...new Set(own.map((key) => loadOf(key).filmId))];
	const others = films
		.flatMap((film) => search.judgedKeys({ film }, NEWEST_FRAMES))
		.filter((key) => loadOf(key).cameraId !== camera);
	return {
		signature: signed(from, [...others, ...own]),
		frames: () => [others, own].flatMap((keys) => asShot(from, search.framesOf(keys)))
	};
}

/** The frames that were judged last. */
export function newestPart(from: ReadTables): Part {
	const keys = from.search.judgedKeys({}, NEWEST_FRAMES);
	return { signature: signed(from, keys), frames: () => asShot(from, from.search.framesOf(keys)) };
}
