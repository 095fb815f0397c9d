import { formatDistance } from '../../units';
import { isSpoiledBy } from '../spoilers';
import type { RemedyKind } from './remedy-kind';

/** A step back from a subject that is nearer than the sharp zone. */
export const distance: RemedyKind = {
	kind: 'distance',
	effort: 0,
	pairs: true,
	options({ intent }, best) {
		if (!isSpoiledBy(best, 'near')) return [];
		// A centimetre more, so that the zone that is worked out anew does not end just before the subject.
		const to = Math.ceil(best.sharp.from * 100 + 1) / 100;
		return [{ name: `step back to ${formatDistance(to)}`, from: intent.subjectDistance, to }];
	},
	set: (intent, { to }) => ({ ...intent, subjectDistance: to })
};
