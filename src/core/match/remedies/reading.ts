import { resolveLight } from '../../light';
import { isSure, shownByReading, withKnowing, worthOfKnowing } from './knowing';
import type { Judge, RemedyKind } from './remedy-kind';

/** Doubt of light that was metered where the subject stands, stops; common practice. */
const METERED_SD = 1 / 3;

const judge: Judge = (question, answer, settings) => {
	const best = answer(question.camera, question.film, question.light, question.intent);
	if (isSure(best)) return null;
	return withKnowing(best, worthOfKnowing(question, shownByReading(question, METERED_SD), answer, settings));
};

/** A better reading of the same light: what is set then is set by it. */
export const reading: RemedyKind = {
	kind: 'reading',
	effort: 1,
	pairs: false,
	narrows: true,
	options: ({ light }) =>
		resolveLight(light).sd > METERED_SD ? [{ name: 'meter the light on the subject' }] : [],
	judge,
	make: (question) => question
};
