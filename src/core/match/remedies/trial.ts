import { isSeenAtOnce } from '../../film';
import { isSure, shownByTrial, withKnowing, worthOfKnowing } from './knowing';
import type { Judge, RemedyKind } from './remedy-kind';

const judge: Judge = (question, answer, settings) => {
	const best = answer(question.camera, question.film, question.light, question.intent);
	if (isSure(best)) return null;
	return withKnowing(best, worthOfKnowing(question, shownByTrial(question, best), answer, settings));
};

/** A trial frame, on film that can be seen at once: the others are answered by it. */
export const trial: RemedyKind = {
	kind: 'trial',
	effort: 2,
	pairs: false,
	narrows: true,
	options: ({ film }) => (isSeenAtOnce(film) ? [{ name: 'one trial frame, then judge it' }] : []),
	judge,
	make: (question) => question
};
