import type { LoadRecord } from '$contract/records';
import type { FrameKey, Teachings } from '../records';
import { asShot, NEWEST_FRAMES, type Told } from './told';

/** The frames that say something of a camera: its own, and those of others that were shot on the same films. */
export interface Part {
	/** Which they are, as they stand now. */
	keys: FrameKey[];
	/** They, with what they were shot with. */
	frames: () => Told[];
}

/** The part of all frames that says something of a camera. */
export function partOf(from: Teachings, camera: string): Part {
	const { loads, judged } = from;
	const own = judged.keys({ camera }, NEWEST_FRAMES);
	const seen = new Map<string, LoadRecord>();
	const loadOf = ({ loadId }: FrameKey) => {
		const load = seen.get(loadId) ?? loads.get(loadId)!;
		seen.set(loadId, load);
		return load;
	};
	const films = [...new Set(own.map((key) => loadOf(key).filmId))];
	const others = films
		.flatMap((film) => judged.keys({ film }, NEWEST_FRAMES))
		.filter((key) => loadOf(key).cameraId !== camera);
	return {
		keys: [...others, ...own],
		frames: () => [others, own].flatMap((keys) => asShot(from, judged.frames(keys)) as Told[])
	};
}

/** The frames that were judged last. */
export function newestPart(from: Teachings): Part {
	const keys = from.judged.keys({}, NEWEST_FRAMES);
	return { keys, frames: () => asShot(from, from.judged.frames(keys)) as Told[] };
}
