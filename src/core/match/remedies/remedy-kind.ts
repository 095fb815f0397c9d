import type { Camera } from '../../camera';
import type { Film } from '../../film';
import type { Light } from '../../light';
import type { Bag, Change, ChangeKind, Intent, Outcome } from '../types';

/** Everything that a match is asked. */
export interface Question {
	camera: Camera;
	film: Film;
	light: Light;
	bag: Bag;
	intent: Intent;
}

/** The best outcome of a camera with a film in a light. */
export type Answer = (camera: Camera, film: Film, light: Light, intent: Intent) => Outcome;

/** One thing that could be done, before it is known what it does to the error. */
export type Option = Omit<Change, 'stops' | 'kind'>;

/** How a change comes out, where that is not just the best answer; null where it cannot be done. */
export type Judge = (
	question: Question,
	answer: Answer,
	/** How many the camera has: what an answer costs. */
	settings: number
) => { outcome: Outcome; change?: Partial<Change> } | null;

interface AnyRemedy {
	kind: ChangeKind;
	/** 0 on the camera, 1 at hand, 2 later or more frames, 3 another film, 4 what is not in the bag. */
	effort: number | ((option: Option) => number);
	/** Whether it may be done together with others. */
	pairs: boolean;
	options: (question: Question, best: Outcome) => Option[];
	judge?: Judge;
	/** It narrows the doubt and leaves the exposure as it is. */
	narrows?: boolean;
}

/** One that is made on the camera here and now, and stays as it is until it is undone: it sets the intent. */
interface Set extends AnyRemedy {
	set: (intent: Intent, change: Option, bag: Bag) => Intent;
}

/** One that is tried before it is made: another film, another light, more frames. */
interface Tried extends AnyRemedy {
	make: (question: Question, change: Option) => Question;
}

/** One kind of remedy, with how it is tried, kept and named: its own file, and one entry in the table of remedies. */
export type RemedyKind = Set | Tried;

/** What it takes to do one thing. */
export const effortOf = ({ effort }: RemedyKind, option: Option): number =>
	typeof effort === 'number' ? effort : effort(option);

/** What is not in the bag must be bought first. */
export const EFFORT_TO_FIND = 4;

/** The question as it stands when a change is made. */
export function withChange(kind: RemedyKind, question: Question, change: Option): Question {
	if ('make' in kind) return kind.make(question, change);
	return { ...question, intent: kind.set(question.intent, change, question.bag) };
}
