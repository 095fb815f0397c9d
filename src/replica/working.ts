import type { LearntSoFar } from '$core/learn';
import type { FramesAsked } from '$views/frames-list';
import { flashLessonsOf, type FlashLesson } from '$views/learn/flash-lessons';
import { honestyOf, MOST_PROMISES, type Honesty, type HonestyAsked } from '$views/learn/honesty';
import { lessonOf, soFarOf, waysOf, type Lesson, type Ways } from '$views/learn/lesson';
import { logOf, type KeptLog, type LogAsked } from '$views/learn/log';
import { newestPart, partOf } from '$views/learn/part';
import { NEWEST_FRAMES } from '$views/learn/told';
import type { LearntAsked } from '$views/records';
import type { Replica } from './database';
import { findFrames } from './find-frames';
import { byName, compared, FIRST, LAST, recordsOf } from './reading';
import { Taught } from './teachings';

/** What goes through many frames: done beside the page. */
export interface Working {
	framesAsked(query: string): Promise<FramesAsked>;
	judgedCameras(): Promise<string[]>;
	lesson(camera: string): Promise<Lesson | null>;
	ways(): Promise<Ways>;
	flashes(): Promise<FlashLesson[]>;
	honesty(asked: HonestyAsked): Promise<Honesty>;
	log(asked: LogAsked): Promise<KeptLog>;
	soFar(camera: string, asked: LearntAsked, without?: string): Promise<LearntSoFar>;
}

/** Ids of the cameras of which a frame was judged. */
async function judgedCameras({ loads, frames }: Replica): Promise<string[]> {
	const found = new Set<string>();
	for (const { id, camera } of await loads.orderBy('[at+id]').reverse().toArray()) {
		if (found.has(camera)) continue;
		const judged = await frames
			.where('[load+told+id]')
			.between([id, FIRST, FIRST], [id, LAST, LAST])
			.limit(1)
			.primaryKeys();
		if (judged.length > 0) found.add(camera);
	}
	return [...found];
}

/** What is worked out of the copy, in this thread. */
export function workingOn(replica: Replica): Working {
	/** What a camera and those on the same films were judged by. */
	async function around(camera: string) {
		const taught = new Taught(replica);
		await taught.around(camera);
		return taught.read();
	}
	return {
		framesAsked: (query) => findFrames(replica, query),
		judgedCameras: () => judgedCameras(replica),
		async lesson(camera) {
			const from = await around(camera);
			return lessonOf(from, camera, partOf(from, camera));
		},
		async ways() {
			const taught = new Taught(replica);
			await taught.judged({}, NEWEST_FRAMES);
			const from = await taught.read();
			return waysOf(from, newestPart(from));
		},
		async flashes() {
			const taught = new Taught(replica);
			await taught.lit(NEWEST_FRAMES);
			const [from, gear] = await Promise.all([taught.read(), replica.gear.toArray()]);
			return flashLessonsOf(from, {
				gear: recordsOf(gear).sort((a, b) => compared(a.type, b.type) || byName(a, b)),
				cameras: from.cameras.all()
			});
		},
		async honesty(asked) {
			const taught = new Taught(replica);
			const picked = { camera: asked.camera || undefined, film: asked.film || undefined };
			await taught.judged(picked, MOST_PROMISES + 1);
			return honestyOf(await taught.read(), asked);
		},
		async log(asked) {
			const taught = new Taught(replica);
			await taught.logged(asked);
			return logOf(await taught.read(), asked);
		},
		async soFar(camera, asked, without) {
			const from = await around(camera);
			const question = { load: null, ...asked, camera, at: new Date().toISOString() };
			return soFarOf(from, question, partOf(from, camera), without);
		}
	};
}
