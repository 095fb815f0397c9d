import type { Filter } from '../../camera';
import { castOf, isColour, latitudeOf, middleOf, type Film } from '../../film';
import { resolveLight, type Light } from '../../light';
import { densityOfStops, nearestInStops, stopsInWords } from '../../units';
import { idOf, isSameThing } from '../same-thing';
import type { Bag, Intent, Outcome } from '../types';
import { EFFORT_TO_FIND, type Option, type Question, type RemedyKind } from './remedy-kind';

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

const isNeutral = ({ kind = 'neutral' }: Filter) => kind === 'neutral';

/** One grey filter for another: where only one has its place. */
const exchanges = (on: readonly Filter[], free: readonly Filter[]): Option[] =>
	on.filter(isNeutral).flatMap((worn) =>
		free
			.filter((other) => isNeutral(other) && other.stops !== worn.stops)
			.map((other) => ({
				name: other.name,
				...idOf(other),
				instead: { name: worn.name, ...idOf(worn) }
			}))
	);

/** Grey filters that are made, stops; common practice. */
const GREYS = [1, 2, 3, 4, 6, 10];
/** A filter this near to another is the same, stops. */
const SAME_GREY = 0.5;

const greyName = (stops: number) => `an ND of ${stopsInWords(stops)} (${densityOfStops(stops).toFixed(1)})`;

/** The grey filter that would be right and is not in the bag. */
function toBeFound({ film, bag, intent }: Question, best: Outcome): Option[] {
	const need = best.error - middleOf(latitudeOf(film).good);
	if (best.verdict === 'just-enough' || need < SAME_GREY) return [];
	const to = nearestInStops(GREYS, need);
	const own = [...(bag.filters ?? []), ...filtersOf(intent)].filter(isNeutral);
	if (own.some(({ stops }) => Math.abs(stops - to) < SAME_GREY)) return [];
	return [{ name: greyName(to), to, missing: true }];
}

/** The filter that a change puts on. */
function meant({ filters = [] }: Bag, change: Option): Filter | undefined {
	if (change.missing) return { name: change.name, stops: change.to! };
	return filters.find((each) => isSameThing(each, change));
}

/** A filter of the bag more, one that is on less, or one for another. */
export const filter: RemedyKind = {
	kind: 'filter',
	effort: ({ missing }) => (missing ? EFFORT_TO_FIND : 1),
	pairs: true,
	options(question, best) {
		const on = filtersOf(question.intent);
		const free = (question.bag.filters ?? []).filter((each) => !on.some((worn) => isSameThing(worn, each)));
		return [
			...on.map((worn) => ({ name: worn.name, ...idOf(worn), off: true })),
			...free.filter((each) => serves(each, question)).map((each) => ({ name: each.name, ...idOf(each) })),
			...exchanges(on, free),
			...toBeFound(question, best)
		];
	},
	set(intent, change, bag) {
		const on = filtersOf(intent);
		const leaving = change.off ? change : change.instead;
		const at = leaving ? on.findIndex((each) => isSameThing(each, leaving)) : -1;
		const staying = on.filter((_, index) => index !== at);
		const more = change.off ? undefined : meant(bag, change);
		return { ...intent, filters: more ? [...staying, more] : staying };
	}
};
