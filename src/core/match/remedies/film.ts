import { idOf, isSameThing } from '../same-thing';
import type { RemedyKind } from './remedy-kind';

/** Another film of the bag: the whole load. */
export const film: RemedyKind = {
	kind: 'film',
	effort: 3,
	pairs: true,
	options: ({ bag, film: loaded }) =>
		(bag.films ?? [])
			.filter((other) => !isSameThing(other, loaded))
			.map((other) => ({ name: other.name, ...idOf(other) })),
	make(question, change) {
		const other = question.bag.films?.find((each) => isSameThing(each, change));
		return other ? { ...question, film: other } : question;
	}
};
