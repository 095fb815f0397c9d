import type { Bag, Change, ChangeKind, Intent, Outcome, Remedy } from '../types';
import { aperture } from './aperture';
import { bracket } from './bracket';
import { choose } from './choose';
import { development } from './development';
import { distance } from './distance';
import { film } from './film';
import { filter } from './filter';
import { flash } from './flash';
import { isoDial } from './iso-dial';
import { lamp } from './lamp';
import { light } from './light';
import { meter } from './meter';
import { reading } from './reading';
import { effortOf, withChange, type Answer, type Question, type RemedyKind } from './remedy-kind';
import { seconds } from './seconds';
import { trial } from './trial';
import { tripod } from './tripod';
import { wheel } from './wheel';

/**
 * Every kind of remedy; a new one is its own file and one line here. Of two that are done together the
 * earlier is done first: a film before all that is done to it.
 */
const kinds: readonly RemedyKind[] = [
	film,
	wheel,
	aperture,
	seconds,
	isoDial,
	distance,
	filter,
	tripod,
	flash,
	lamp,
	meter,
	light,
	reading,
	development,
	trial,
	bracket
];

/**
 * The least changes that make a frame come out, or surer: single ones and pairs, by effort and then by
 * chance, without those that another one beats.
 *
 * @param best the best outcome as things are
 * @param answer works out the best outcome
 * @param settings how many the camera has: what an answer costs
 * @returns at most eight
 */
export function remediesFor(question: Question, best: Outcome, answer: Answer, settings: number): Remedy[] {
	return choose(kinds, question, best, answer, settings);
}

const kindOf = (wanted: ChangeKind): RemedyKind => kinds.find(({ kind }) => kind === wanted)!;

/** One thing that could be done, what it takes, and what is asked when it is done. */
export interface SingleChange {
	change: Omit<Change, 'stops'>;
	effort: number;
	question: Question;
}

/**
 * Every single thing of some kinds that could be done, without a word of how it would come out.
 *
 * @param best how it came out: what is proposed to be found goes by its error
 * @example singleChanges(['filter'], with an ND in the bag, best).map(({ change }) => change.name) // ['ND 2']
 */
export function singleChanges(
	wanted: readonly ChangeKind[],
	question: Question,
	best: Outcome
): SingleChange[] {
	return wanted.map(kindOf).flatMap((kind) =>
		kind.options(question, best).map((option) => ({
			change: { kind: kind.kind, ...option },
			effort: effortOf(kind, option),
			question: withChange(kind, question, option)
		}))
	);
}

/**
 * What is asked when changes are made, one after the other: how a remedy is looked at before it is kept.
 *
 * @example changed(question, [a film]).film // the other film
 */
export function changed(question: Question, changes: readonly Change[]): Question {
	return changes.reduce((so, change) => withChange(kindOf(change.kind), so, change), question);
}

/**
 * What is set and wanted when changes are kept.
 *
 * @returns null where one of them is not made on the camera here and now
 * @example keptIntent({}, [on a support], {}) // { handheld: false }
 */
export function keptIntent(intent: Intent, changes: readonly Change[], bag: Bag): Intent | null {
	return changes.reduce<Intent | null>((so, change) => {
		const kind = kindOf(change.kind);
		return so && !change.missing && 'set' in kind ? kind.set(so, change, bag) : null;
	}, intent);
}
