import { number, object, string } from 'yup';
import type { Verdict } from '../core/match';
import { instant, shortText } from './fields';
import { verdicts } from './frames';
import { held } from './held';

const frameStates = ['any', 'to-judge', 'judged', 'kept', 'not-kept'] as const;
/** How frames came out: darker than right by more than half a stop, within it, or lighter. */
const outcomes = ['dark', 'right', 'light'] as const;
const frameOrders = ['newest', 'oldest', 'darkest', 'lightest'] as const;

/** Which frames are looked for among all, and in which order. */
export interface FrameSearch {
	load?: string;
	camera?: string;
	film?: string;
	state: (typeof frameStates)[number];
	/** How it was promised to come out. */
	verdict?: Verdict;
	/** How it came out. */
	out?: (typeof outcomes)[number];
	/** Words, numbers, or their beginnings. */
	q?: string;
	/** Taken at this instant or later. */
	from?: string;
	/** Taken before this instant. */
	before?: string;
	order: (typeof frameOrders)[number];
}

const narrowed = {
	load: string().uuid(),
	camera: string().uuid(),
	film: string().uuid(),
	verdict: string<Verdict>().oneOf(verdicts),
	out: string<NonNullable<FrameSearch['out']>>().oneOf(outcomes),
	q: shortText(200),
	from: instant(),
	before: instant()
};
const state = () => string<FrameSearch['state']>().oneOf(frameStates);
const order = () => string<FrameSearch['order']>().oneOf(frameOrders);

export const frameSearchSchema = held<FrameSearch & { page: number }>()(
	object({
		...narrowed,
		state: state().required(),
		order: order().required(),
		page: number().integer().min(1).max(1_000_000).required()
	})
);

/** The same without pages: all of them. */
export const frameTableSchema = held<Partial<FrameSearch>>()(
	object({ ...narrowed, state: state(), order: order() })
);
