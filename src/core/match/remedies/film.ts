import { idOf, isSameThing } from '../same-thing';
import type { RemedyKind } from './remedy-kind';

/** Another film of the bag: the whole load. */
export const film: RemedyKind = {
	effort: 3,
	pairs: true,
	options({ bag, film: loaded }) {
		return (bag.films ?? [])
			.filter((other) => !isSameThing(other, loaded))
			.map((other) => ({
				change: { kind: 'film', name: other.name, ...idOf(other) },
				apply: (question) => ({ ...question, film: other })
			}));
	}
};
