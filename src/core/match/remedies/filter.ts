import type { Filter } from '../../camera';
import { castOf, isColour, type Film } from '../../film';
import { resolveLight, type Light } from '../../light';
import { idOf, isSameThing } from '../same-thing';
import type { Intent } from '../types';
import type { Question, RemedyKind } from './remedy-kind';

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

const filtersOf = ({ filters = [] }: Intent) => filters;

/** A filter of the bag more, or one that is on the lens less. */
export const filter: RemedyKind = {
	kind: 'filter',
	effort: 1,
	pairs: true,
	options(question) {
		const on = filtersOf(question.intent);
		const free = (question.bag.filters ?? []).filter((each) => !on.some((worn) => isSameThing(worn, each)));
		return [
			...on.map((worn) => ({ name: worn.name, ...idOf(worn), off: true })),
			...free.filter((each) => serves(each, question)).map((each) => ({ name: each.name, ...idOf(each) }))
		];
	},
	set(intent, change, bag) {
		const on = filtersOf(intent);
		if (!change.off) {
			const more = (bag.filters ?? []).find((each) => isSameThing(each, change));
			return { ...intent, filters: more ? [...on, more] : on };
		}
		const at = on.findIndex((each) => isSameThing(each, change));
		return { ...intent, filters: on.filter((_, index) => index !== at) };
	}
};
