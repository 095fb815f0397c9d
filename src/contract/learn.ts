import { array, boolean, object, type ObjectSchema } from 'yup';
import type { JudgedFrame, Prior } from '../core/learn';
import { between, shortText, stops } from './fields';

/** What `POST /api/learn` is asked. */
export interface LearnRequest {
	prior: Prior;
	frames: JudgedFrame[];
}

const MOST_FRAMES = 500;
/** Settings and packs that are told apart, together: each is one more unknown. */
const MOST_APART = 32;

const apart = (frames: readonly { setting?: string; pack?: string }[]) =>
	new Set(frames.map(({ setting }) => setting)).size + new Set(frames.map(({ pack }) => pack)).size;
const doubt = () => between(0.01, 10).required();

const frameFields = {
	predicted: stops().required(),
	judged: stops().required(),
	sd: doubt(),
	setting: shortText(40),
	compensation: stops(10),
	pack: shortText(80),
	clamped: boolean()
};
frameFields satisfies Record<keyof JudgedFrame, unknown>;

export const learnRequestSchema: ObjectSchema<LearnRequest> = object({
	prior: object({ stops: stops(10).required(), sd: doubt() }).required(),
	frames: array(object(frameFields).required())
		.required()
		.max(MOST_FRAMES)
		.test(
			'apart',
			`can name at most ${MOST_APART} settings and packs`,
			(frames) =>
				!Array.isArray(frames) ||
				apart(frames.filter((each) => each !== null && typeof each === 'object')) <= MOST_APART
		)
});
