import { array, boolean, object, string } from 'yup';
import type { JudgedFrame, Prior } from '../core/learn';
import type { Learnt } from '../core/match';
import { between, instant, recordId, shortText, stops } from './fields';
import { held } from './held';

/** What `POST /api/learn` is asked. */
export interface LearnRequest {
	prior: Prior;
	frames: JudgedFrame[];
}

const MOST_FRAMES = 500;
/** Settings, packs, films, ways and judges that are told apart, together: each is one more unknown. */
const MOST_APART = 64;

const APART = ['setting', 'pack', 'load', 'film', 'way', 'judge'] as const;
const apart = (frames: readonly JudgedFrame[]) =>
	APART.reduce((sum, key) => sum + new Set(frames.map((frame) => frame[key])).size - 1, 0);
const doubt = () => between(0.01, 10).required();
const share = () => between(0, 1).required();

const frame = held<JudgedFrame>()(
	object({
		predicted: stops().required(),
		judged: stops().required(),
		sd: doubt(),
		setting: shortText(40),
		compensation: stops(10),
		wheel: stops(10),
		pack: shortText(80),
		load: shortText(80),
		film: shortText(80),
		speedSd: between(0, 10),
		way: shortText(80),
		gamma: between(-1, 1),
		judge: shortText(80),
		takenAt: instant(),
		limit: object({
			end: string<NonNullable<JudgedFrame['limit']>['end']>().required().oneOf(['fastest', 'slowest']),
			at: stops(40).required()
		})
			.optional()
			.default(undefined),
		clamped: boolean()
	})
);

const wide = () =>
	object({ share: share(), sd: doubt(), stops: stops() }).nullable().optional().default(undefined);

export const learnRequestSchema = held<LearnRequest>()(
	object({
		prior: object({ stops: stops(10).required(), sd: doubt(), wide: wide() }).required(),
		frames: array(frame.required())
			.required()
			.max(MOST_FRAMES)
			.test(
				'apart',
				`can name at most ${MOST_APART} settings, packs, films, ways and judges`,
				(frames) =>
					!Array.isArray(frames) ||
					apart(frames.filter((each) => each !== null && typeof each === 'object')) <= MOST_APART
			)
	})
);

const known = () =>
	object({ stops: stops(20).required(), sd: between(0, 10).required() })
		.optional()
		.default(undefined);

/** What is known of a camera, a film and all else together: beside them in a match. */
export const learntSchema = held<Learnt>()(
	object({
		stops: stops(20).required(),
		sd: between(0, 10).required(),
		wide: wide(),
		limit: known(),
		reading: between(0, 10),
		wheel: object({
			stops: stops(20).required(),
			sd: between(0, 10).required(),
			covariance: between(-100, 100).required()
		})
			.optional()
			.default(undefined),
		body: known()
	})
).meta({ name: 'LearntTogether' });

/** What is asked of a camera: with which film, in which pack, by which way of reading. */
export interface LearntQuery {
	film?: string;
	load?: string;
	way?: string;
}

export const learntQuerySchema = held<LearntQuery>()(
	object({ film: recordId(), load: recordId(), way: shortText(80) })
);
