import { number, object, string, type ObjectSchema } from 'yup';
import type { Verdict } from '../core/match';

/** Which frames are looked for among all, and in which order. */
export interface FrameSearch {
	camera?: string;
	film?: string;
	state: 'any' | 'to-judge' | 'judged' | 'kept' | 'not-kept';
	verdict?: Verdict;
	order: 'newest' | 'oldest' | 'darkest' | 'lightest';
}

export const frameStates = ['any', 'to-judge', 'judged', 'kept', 'not-kept'] as const;
export const frameOrders = ['newest', 'oldest', 'darkest', 'lightest'] as const;
const verdicts: Verdict[] = ['just-enough', 'usable', 'too-dark', 'too-light'];

export const frameSearchSchema: ObjectSchema<FrameSearch & { page: number }> = object({
	camera: string().uuid(),
	film: string().uuid(),
	state: string<FrameSearch['state']>().required().oneOf(frameStates),
	verdict: string<Verdict>().oneOf(verdicts),
	order: string<FrameSearch['order']>().required().oneOf(frameOrders),
	page: number().integer().min(1).max(1_000_000).required()
});
