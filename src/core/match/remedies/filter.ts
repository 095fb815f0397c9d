import type { Filter } from '../../camera';
import { castOf, isColour, type Film } from '../../film';
import type { Light } from '../../light';
import type { Option, Question, RemedyKind } from './remedy-kind';

/** A conversion filter is offered where it leaves less of a cast than there was, mired. */
const TELLING_CAST = 20;

function improvesCast(filter: Filter, film: Film, light: Light): boolean {
	const kelvin = 'method' in light ? undefined : light.kelvin;
	const cast = kelvin === undefined ? null : castOf(film, kelvin);
	if (cast === null || filter.mired === undefined) return false;
	return Math.abs(cast + filter.mired) < Math.abs(cast) - TELLING_CAST;
}

/** Contrast filters belong on black-and-white, conversion filters where they mend a cast; a close-up lens is no remedy. */
function serves(filter: Filter, { film, light }: Question): boolean {
	if (filter.kind === 'contrast') return !isColour(film);
	if (filter.kind === 'conversion') return improvesCast(filter, film, light);
	return filter.kind !== 'close-up';
}

const filtersOf = (question: Question) => question.intent.filters ?? [];

const wearing = (question: Question, filters: Filter[]): Question => ({
	...question,
	intent: { ...question.intent, filters }
});

const putOn = (filter: Filter): Option => ({
	change: { kind: 'filter', name: filter.name },
	apply: (question) => wearing(question, [...filtersOf(question), filter])
});

const takeOff = (filter: Filter): Option => ({
	change: { kind: 'filter', name: filter.name, off: true },
	apply(question) {
		const at = filtersOf(question).findIndex((each) => each.name === filter.name);
		return wearing(
			question,
			filtersOf(question).filter((_, index) => index !== at)
		);
	}
});

/** A filter of the bag more, or one that is on the lens less. */
export const filter: RemedyKind = {
	effort: 1,
	pairs: true,
	options(question) {
		const on = filtersOf(question);
		const free = (question.bag.filters ?? []).filter((each) => !on.some(({ name }) => name === each.name));
		return [...on.map(takeOff), ...free.filter((each) => serves(each, question)).map(putOn)];
	}
};
