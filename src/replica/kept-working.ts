import type { Replica } from './database';
import { madeOf } from './remembered';
import { workingOn, type Working } from './working';

/** What was worked out is kept until something changes that it is made of; and a day at most: a body wanders. */
export function keptWorking(replica: Replica): Working {
	const working = workingOn(replica);
	const known = new Map<string, Promise<unknown>>();
	let of = '';

	async function kept<T>(key: string, work: () => Promise<T>): Promise<T> {
		const now = await madeOf(replica);
		if (now !== of) known.clear();
		of = now;
		const done = (known.get(key) as Promise<T> | undefined) ?? work();
		known.set(key, done);
		// What could not be worked out is tried again when it is asked for again.
		done.catch(() => known.delete(key));
		return done;
	}

	return {
		framesAsked: (query) => working.framesAsked(query),
		judgedCameras: () => kept('judged', () => working.judgedCameras()),
		lesson: (camera) => kept(`lesson ${camera}`, () => working.lesson(camera)),
		ways: () => kept('ways', () => working.ways()),
		flashes: () => kept('flashes', () => working.flashes()),
		honesty: (asked) => working.honesty(asked),
		log: (asked) => working.log(asked),
		soFar: (camera, asked, without) =>
			kept(JSON.stringify(['so far', camera, asked, without]), () => working.soFar(camera, asked, without))
	};
}
