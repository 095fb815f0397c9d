import { number, object, string } from 'yup';
import type { Verdict } from '../core/match';
import { verdicts } from './frames';
import { held } from './held';

const frameStates = ['any', 'to-judge', 'judged', 'kept', 'not-kept'] as const;
const frameOrders = ['newest', 'oldest', 'darkest', 'lightest'] as const;

/** Which frames are looked for among all, and in which order. */
export interface FrameSearch {
	camera?: string;
	film?: string;
	state: (typeof frameStates)[number];
	verdict?: Verdict;
	order: (typeof frameOrders)[number];
}

export const frameSearchSchema = held<FrameSearch & { page: number }>()(
	object({
		camera: string().uuid(),
		film: string().uuid(),
		state: string<FrameSearch['state']>().required().oneOf(frameStates),
		verdict: string<Verdict>().oneOf(verdicts),
		order: string<FrameSearch['order']>().required().oneOf(frameOrders),
		page: number().integer().min(1).max(1_000_000).required()
	})
);
