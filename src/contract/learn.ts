import { array, boolean, object, type ObjectSchema } from 'yup';
import type { JudgedFrame, Prior } from '../core/learn';
import { between, shortText, stops } from './fields';

/** What `POST /api/learn` is asked. */
export interface LearnRequest {
	prior: Prior;
	frames: JudgedFrame[];
}

const MOST_FRAMES = 1000;
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
	frames: array(object(frameFields).required()).required().max(MOST_FRAMES)
});
