import { compare, type Held, type Way } from '$core/compare';
import type { LearntQuestion } from '$core/learn';
import type { Bag } from '$core/match';
import { answerWhatIf } from '$core/whatif';
import type { WhatIfRequest } from '$contract/what-if';
import type { CameraRecord, GearRecord } from '$contract/records';
import { flashLessonsOf } from '$views/learn/flash-lessons';
import { honestyOf, type HonestyAsked } from '$views/learn/honesty';
import { lessonOf, soFarOf, waysOf } from '$views/learn/lesson';
import { logOf, type LogAsked } from '$views/learn/log';
import { newestPart, partOf, type Part } from '$views/learn/part';
import type { Kept, Teachings } from '$views/records';
import { reading } from '../heavy/reading';
import { signatureOf, teachingsOf } from './teachings';

/** Something that was worked out, and of which frames. */
export interface WorkedOut<T> {
	signature: string;
	value: T;
}

/** Works something out of frames, unless they are those that it is known of. */
function unlessKnown<T>(
	from: Teachings,
	part: Part,
	known: string | null,
	work: () => T
): WorkedOut<T> | null {
	const signature = signatureOf(from, part.keys);
	return signature === known ? null : { signature, value: work() };
}

const learning = <T>(folder: string, work: (from: Teachings) => T): T =>
	reading(folder, (tables) => work(teachingsOf(tables)));

/** What frames teach, read and worked out. */
export const learningTasks = {
	lesson: (folder: string, camera: string, known: string | null) =>
		learning(folder, (from) => {
			const part = partOf(from, camera);
			return unlessKnown(from, part, known, () => lessonOf(from, camera, part));
		}),
	ways: (folder: string, known: string | null) =>
		learning(folder, (from) => {
			const part = newestPart(from);
			return unlessKnown(from, part, known, () => waysOf(from, part));
		}),
	learntFor: (folder: string, asked: LearntQuestion, without?: string) =>
		learning(folder, (from) => soFarOf(from, asked, partOf(from, asked.camera), without)),
	honesty: (folder: string, asked: HonestyAsked) => learning(folder, (from) => honestyOf(from, asked)),
	log: (folder: string, asked: LogAsked) => learning(folder, (from) => logOf(from, asked)),
	/** Some frames replayed with one thing changed. */
	whatIf: (folder: string, { loadId, frameIds, change }: WhatIfRequest, bag: Bag) =>
		learning(folder, (from) => answerWhatIf(logOf(from, { load: loadId, frames: frameIds }), change, bag)),
	/** Ways of using a camera held against a light, a year or frames. */
	compare(folder: string, ways: readonly Way[], held: Omit<Held, 'log'>, asked: LogAsked | null) {
		const log = asked ? learning(folder, (from) => logOf(from, asked)) : undefined;
		return { comparison: compare(ways, { ...held, ...(log && { log }) }), frames: log?.frames.length ?? 0 };
	},
	flashLessons: (
		folder: string,
		bag: { gear: readonly Kept<GearRecord>[]; cameras: readonly Kept<CameraRecord>[] }
	) => learning(folder, (from) => flashLessonsOf(from, bag))
};
