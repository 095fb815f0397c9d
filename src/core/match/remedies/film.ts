import type { RemedyKind } from './remedy-kind';

/** Another film of the bag: the whole load. */
export const film: RemedyKind = {
	effort: 3,
	pairs: true,
	options({ bag, film: loaded }) {
		return (bag.films ?? [])
			.filter(({ name }) => name !== loaded.name)
			.map((other) => ({
				change: { kind: 'film', name: other.name },
				apply: (question) => ({ ...question, film: other })
			}));
	}
};
