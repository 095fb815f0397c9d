import type { LearntQuestion } from '$core/learn';
import type { CameraRecord, GearRecord } from '$contract/records';
import type { Kept } from '../database/record-table';
import { reading } from '../heavy/reading';
import { flashLessonsOf } from './flash-lessons';
import { honestyOf, type HonestyAsked } from './honesty';
import { lessonOf, soFarOf, waysOf } from './lesson';
import { newestPart, partOf, type Part } from './part';

/** Something that was worked out, and of which frames. */
export interface WorkedOut<T> {
	signature: string;
	value: T;
}

/** Works something out of frames, unless they are those that it is known of. */
function unlessKnown<T>(part: Part, known: string | null, work: () => T): WorkedOut<T> | null {
	return part.signature === known ? null : { signature: part.signature, value: work() };
}

/** What frames teach, read and worked out. */
export const learningTasks = {
	lesson: (folder: string, camera: string, known: string | null) =>
		reading(folder, (from) => {
			const part = partOf(from, camera);
			return unlessKnown(part, known, () => lessonOf(from, camera, part));
		}),
	ways: (folder: string, known: string | null) =>
		reading(folder, (from) => {
			const part = newestPart(from);
			return unlessKnown(part, known, () => waysOf(from, part));
		}),
	learntFor: (folder: string, asked: LearntQuestion, without?: string) =>
		reading(folder, (from) => soFarOf(from, asked, partOf(from, asked.camera), without)),
	honesty: (folder: string, asked: HonestyAsked) => reading(folder, (from) => honestyOf(from, asked)),
	flashLessons: (
		folder: string,
		bag: { gear: readonly Kept<GearRecord>[]; cameras: readonly Kept<CameraRecord>[] }
	) => reading(folder, (from) => flashLessonsOf(from, bag))
};
