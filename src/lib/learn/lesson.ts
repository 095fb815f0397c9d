import type { Learnt, Prior } from '$core/learn';
import type { Learning } from '$contract/records';
import type { CameraRecord, FilmRecord } from '$contract/records';
import type { Kept } from '$lib/records/client';

/** What the judged frames of a camera teach, as the page is given it. */
export interface Lesson {
	camera: Kept<CameraRecord>;
	film: FilmRecord;
	prior: Prior;
	learnt: Learnt;
	judged: number;
	outliers: { id: string; number: number; stops: number }[];
	/** Newest judged frames: what came out beyond what a body without offset would give. */
	points: { stops: number; clamped: boolean }[];
}

/** How a lesson stands: nothing to say, news, in use, or put aside by the person. */
export type Standing = 'nothing' | 'news' | 'in-use' | 'put-aside';

/** How a lesson stands with its camera. */
export function standingOf({ camera, learnt }: Lesson): Standing {
	if (learnt.frames === 0) return 'nothing';
	if (!camera.learnt || camera.learnt.frames !== learnt.frames) return 'news';
	return camera.learnt.ignored ? 'put-aside' : 'in-use';
}

const toThousandth = (value: number) => Number(value.toFixed(3));

/** A camera that uses what was learnt of it from now on. */
export function accepted({ camera, prior, learnt }: Lesson, at: string): Kept<CameraRecord> {
	const learning: Learning = { prior, at, frames: learnt.frames };
	return {
		...camera,
		offset: { stops: toThousandth(learnt.stops), sd: toThousandth(learnt.sd) },
		learnt: learning
	};
}

/** A camera that is as it was before any frame was judged. */
export function putAside({ camera, prior, learnt }: Lesson, at: string): Kept<CameraRecord> {
	return { ...camera, offset: prior, learnt: { prior, at, frames: learnt.frames, ignored: true } };
}
