import { automaticExposure, takenBy, type Camera } from '../camera';
import { goesInto } from '../film';
import {
	bestOutcome,
	madeByEye,
	singleChanges,
	wishProblems,
	type Bag,
	type Intent,
	type Question,
	type SingleChange
} from '../match';
import { asSet, keyOf } from './otherwise';
import type { Making } from './types';

/** What could have been done otherwise at the camera, or before; of two that are done together the earlier is done first. */
export const KINDS = [
	'film',
	'compensation',
	'iso-dial',
	'aperture',
	'seconds',
	'filter',
	'meter',
	'development'
] as const;

/** What a hand had set of a making: it stays, but for what is changed. */
function fixedOf(
	camera: Camera,
	{ f, seconds, compensation, iso, position }: Making['settings'],
	byEye: boolean
): Intent {
	const sets = byEye ? automaticExposure(camera)!.sets : null;
	const fixed: Intent = {
		...(compensation != null && byEye && { compensation }),
		...(iso != null && byEye && { iso }),
		...(position != null && { position }),
		...((sets === null || sets === 'time') && { aperture: f }),
		...((sets === null || sets === 'aperture') && { seconds })
	};
	return wishProblems(camera, fixed).length === 0 ? fixed : {};
}

/** What was asked of a frame as it was made, with what else might have been used. */
export function questionOf({ camera, film, light, intent, settings }: Making, bag: Bag): Question {
	const byEye = madeByEye(camera, settings);
	const fixed = {
		...fixedOf(camera, settings, byEye),
		...(settings.manual && { manual: true }),
		...(settings.handTimed && { handTimed: true })
	};
	const films = bag.films?.filter((other) => goesInto(other, takenBy(camera, film)));
	return { camera, film, light, bag: { ...bag, films }, intent: { ...intent, ...fixed } };
}

/**
 * A frame as it would be made when a change is made, or two: what they leave free is set by the reading.
 *
 * @param changes the last one asks what the others ask, too
 */
export function makingOf(before: Making, changes: readonly SingleChange[]): Making {
	const { camera, film, light, intent } = changes[changes.length - 1].question;
	const isFilm = changes.some(({ change }) => change.kind === 'film');
	const best = bestOutcome(camera, film, light, isFilm ? { ...intent, iso: undefined } : intent);
	const key = isFilm ? keyOf(film) : before.of.film;
	return {
		camera,
		film,
		light,
		intent: { ...before.intent, filters: intent.filters },
		settings: asSet(best),
		of: { ...before.of, film: key, load: isFilm ? `${before.of.load} as ${key}` : before.of.load },
		developing: before.developing
	};
}

/** What tells a change from others. */
export const nameOf = ({ change }: Pick<SingleChange, 'change'>): string =>
	[change.kind, change.id ?? change.name, change.to, change.off].join(' ');

/** All that could be done at a frame that came out so far off. */
export function singlesAt(question: Question, error: number): SingleChange[] {
	const best = bestOutcome(question.camera, question.film, question.light, question.intent);
	// What is to be found goes by how it came out, not by what was expected.
	return singleChanges(KINDS, question, { ...best, error, verdict: error > 0 ? 'too-light' : 'too-dark' });
}

/** What is not in the bag is put on another frame as it was on the first. */
export function withMissing(
	question: Question,
	{ change, effort, question: made }: SingleChange
): SingleChange {
	const { film, intent } = question;
	if (change.kind === 'film') return { change, effort, question: { ...question, film: made.film } };
	const filters = [...(intent.filters ?? []), ...(made.intent.filters ?? []).slice(-1)];
	return { change, effort, question: { ...question, film, intent: { ...intent, filters } } };
}

/** The same change at another frame; null where it cannot be made there. */
export function sameAt(question: Question, single: SingleChange): SingleChange | null {
	const best = bestOutcome(question.camera, question.film, question.light, question.intent);
	const offered = singleChanges([single.change.kind], question, best);
	const same = offered.find((each) => nameOf(each) === nameOf(single));
	return same ?? (single.change.missing ? withMissing(question, single) : null);
}
