import { resolveLight } from '../../light';
import type { RemedyKind } from './remedy-kind';

/** Doubt of light that was metered where the subject stands, stops; common practice. */
const METERED_SD = 1 / 3;

/** A better reading of the same light. */
export const reading: RemedyKind = {
	effort: 1,
	pairs: false,
	options({ light }) {
		if (resolveLight(light).sd <= METERED_SD) return [];
		return [
			{
				change: { kind: 'reading', name: 'meter the light on the subject' },
				apply: (question) => ({ ...question, light: { ...question.light, sd: METERED_SD } }),
				narrows: true
			}
		];
	}
};
