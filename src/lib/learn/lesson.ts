import type { CameraLesson, TellingFrame, WayLesson } from '$core/learn';
import type { Habit } from '$core/light';
import type { Learning } from '$contract/records';
import type { CameraRecord, FilmRecord } from '$contract/records';
import type { Kept } from '$lib/records/client';

/** What the judged frames of a camera teach, as the page is given it. Films by their names. */
export interface Lesson {
	camera: Kept<CameraRecord>;
	film: FilmRecord;
	prior: { stops: number; sd: number };
	learnt: Omit<CameraLesson, 'wild' | 'undecided' | 'withFilms'>;
	judged: number;
	undecided: CameraLesson['undecided'];
	withFilms: CameraLesson['withFilms'];
	/** The one frame that would tell most, where one would. */
	telling: TellingFrame | null;
	outliers: { id: string; number: number; stops: number }[];
}

/** What frames say of a way of reading, what is taken off it now, and whether it may be. */
export interface HabitLesson extends WayLesson {
	used: Habit | null;
	mayUse: boolean;
}

/** How a lesson stands: nothing to say, news, in use, or put aside by the person. */
export type Standing = 'nothing' | 'news' | 'in-use' | 'put-aside';

/** How a lesson stands with its camera. */
export function standingOf({ camera, learnt }: Lesson): Standing {
	if (learnt.frames + learnt.known === 0) return 'nothing';
	if (!camera.learnt) return 'news';
	// In use it learns on by itself; what was put aside is told again when there is more of it.
	if (!camera.learnt.ignored) return 'in-use';
	return camera.learnt.frames === learnt.frames ? 'put-aside' : 'news';
}

const toThousandth = (value: number) => Number(value.toFixed(3));

/** What learning starts from, whenever it starts again. */
function learningOf({ camera, prior, learnt }: Lesson, at: string): Learning {
	const untold = camera.learnt ? camera.learnt.untold : camera.offset === undefined;
	return { prior, at, frames: learnt.frames, ...(untold ? { untold } : {}) };
}

/** A camera that uses what was learnt of it from now on. */
export function accepted(lesson: Lesson, at: string): Kept<CameraRecord> {
	const { camera, learnt } = lesson;
	return {
		...camera,
		offset: { stops: toThousandth(learnt.stops), sd: toThousandth(learnt.sd) },
		learnt: learningOf(lesson, at)
	};
}

/** A camera that goes on as it is, whatever these frames say. */
export function putAside(lesson: Lesson, at: string): Kept<CameraRecord> {
	return { ...lesson.camera, learnt: { ...learningOf(lesson, at), ignored: true } };
}

/** A camera that is as it was before any frame was judged. */
export function reset(lesson: Lesson, at: string): Kept<CameraRecord> {
	const { offset: _, ...camera } = lesson.camera;
	const learnt = { ...learningOf(lesson, at), ignored: true };
	return { ...camera, ...(learnt.untold ? {} : { offset: lesson.prior }), learnt };
}
