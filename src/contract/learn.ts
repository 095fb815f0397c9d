import { array, boolean, object } from 'yup';
import type { JudgedFrame, Prior } from '../core/learn';
import { between, shortText, stops } from './fields';
import { held } from './held';

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

const frame = held<JudgedFrame>()(
	object({
		predicted: stops().required(),
		judged: stops().required(),
		sd: doubt(),
		setting: shortText(40),
		compensation: stops(10),
		pack: shortText(80),
		clamped: boolean()
	})
);

export const learnRequestSchema = held<LearnRequest>()(
	object({
		prior: object({ stops: stops(10).required(), sd: doubt() }).required(),
		frames: array(frame.required())
			.required()
			.max(MOST_FRAMES)
			.test(
				'apart',
				`can name at most ${MOST_APART} settings and packs`,
				(frames) =>
					!Array.isArray(frames) ||
					apart(frames.filter((each) => each !== null && typeof each === 'object')) <= MOST_APART
			)
	})
);
