import type { Camera } from '../../camera';
import type { Film } from '../../film';
import type { Light } from '../../light';
import type { Bag, Change, Intent, Outcome } from '../types';

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

/** One thing that could be done. */
export interface Option {
	change: Omit<Change, 'stops'>;
	/** The question as it stands when it is done. */
	apply: (question: Question) => Question;
	/** How it comes out, where that is not just the best answer; null where it cannot be done. */
	judge?: (question: Question, answer: Answer) => { outcome: Outcome; change?: Partial<Change> } | null;
	/** It narrows the doubt and leaves the exposure as it is. */
	narrows?: boolean;
}

/** One kind of remedy: its own file, and one entry in the table of remedies. */
export interface RemedyKind {
	/** 0 on the camera, 1 at hand, 2 later or more frames, 3 another film. */
	effort: number;
	/** Whether it may be done together with others. */
	pairs: boolean;
	options: (question: Question, best: Outcome) => Option[];
}

/** An option that changes what is wanted or fixed. */
export const withIntent =
	(changes: Partial<Intent>) =>
	(question: Question): Question => ({ ...question, intent: { ...question.intent, ...changes } });
