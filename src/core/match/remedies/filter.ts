import type { Filter } from '../../camera';
import { castOf, isColour, type Film } from '../../film';
import { resolveLight, type Light } from '../../light';
import { idOf, isSameThing } from '../same-thing';
import type { Option, Question, RemedyKind } from './remedy-kind';

/** A conversion filter is offered where it leaves less of a cast than there was, mired. */
const TELLING_CAST = 20;

function improvesCast(filter: Filter, film: Film, light: Light): boolean {
	const { kelvin } = resolveLight(light);
	const cast = kelvin === undefined ? null : castOf(film, kelvin);
	if (cast === null || filter.mired === undefined) return false;
	return Math.abs(cast + filter.mired) < Math.abs(cast) - TELLING_CAST;
}

/**
 * Whether a filter can be put on a film for the sake of the light alone: contrast filters belong on
 * black-and-white, and neither a conversion filter nor a close-up lens is meant for that.
 *
 * @example suitsFilm({ name: 'Yellow', stops: 1, kind: 'contrast' }, a colour film) // false
 */
export function suitsFilm(filter: Filter, film: Film): boolean {
	if (filter.kind === 'contrast') return !isColour(film);
	return filter.kind !== 'close-up' && filter.kind !== 'conversion';
}

/** Conversion filters serve where they mend a cast. */
function serves(filter: Filter, { film, light }: Question): boolean {
	return filter.kind === 'conversion' ? improvesCast(filter, film, light) : suitsFilm(filter, film);
}

const filtersOf = (question: Question) => question.intent.filters ?? [];

const wearing = (question: Question, filters: Filter[]): Question => ({
	...question,
	intent: { ...question.intent, filters }
});

const putOn = (filter: Filter): Option => ({
	change: { kind: 'filter', name: filter.name, ...idOf(filter) },
	apply: (question) => wearing(question, [...filtersOf(question), filter])
});

const takeOff = (filter: Filter): Option => ({
	change: { kind: 'filter', name: filter.name, ...idOf(filter), off: true },
	apply(question) {
		const at = filtersOf(question).findIndex((each) => isSameThing(each, filter));
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
		const free = (question.bag.filters ?? []).filter((each) => !on.some((worn) => isSameThing(worn, each)));
		return [...on.map(takeOff), ...free.filter((each) => serves(each, question)).map(putOn)];
	}
};
