import { resolveLight } from '../../light';
import type { RemedyKind } from './remedy-kind';

/** Doubt of light that was metered where the subject stands, stops; common practice. */
const METERED_SD = 1 / 3;

/** A better reading of the same light. */
export const reading: RemedyKind = {
	kind: 'reading',
	effort: 1,
	pairs: false,
	narrows: true,
	options: ({ light }) =>
		resolveLight(light).sd > METERED_SD ? [{ name: 'meter the light on the subject' }] : [],
	make: (question) => ({ ...question, light: { ...question.light, sd: METERED_SD } })
};
