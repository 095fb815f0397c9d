import { automaticExposure, takenBy, type Camera } from '../camera';
import { goesInto } from '../film';
import {
	bestOutcome,
	madeByEye,
	singleChanges,
	wishProblems,
	worth,
	type Bag,
	type Change,
	type Intent,
	type Question,
	type SingleChange
} from '../match';
import { keyOf } from './otherwise';
import { fateOf, replayed, type History, type Relived } from './replay';
import type { Worlds } from '../learn';
import type { Fate, Making } from './types';

/** A change, and what it would have done. */
export interface Saving {
	change: Omit<Change, 'stops'> & {
		/** What it does to the error, on the mean of what it saves, stops. */ stops: number;
	};
	/** 0 on the camera, 1 at hand, 2 later, 3 another film, 4 what is not in the bag. */
	effort: number;
	/** Frames that are lost without it and come out with it: for which nothing takes less. */
	lost: number;
	ids: string[];
	/** Frames that are good without it and would be lost by it, were it done to all. */
	spoils: number;
}

/** What would have saved lost frames. */
export interface Savings {
	/** Frames that were lost by their exposure. */
	lost: number;
	/** The least changes, those that take least first. */
	saved: Saving[];
	/** Lost frames that no single change would have saved. */
	open: number;
}

/** What could have been done otherwise at the camera, or before. */
const KINDS = [
	'compensation',
	'iso-dial',
	'aperture',
	'seconds',
	'meter',
	'filter',
	'development',
	'film'
] as const;

/** More likely than not. */
const LIKELY = 1 / 2;

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

function questionOf({ camera, film, light, intent, settings }: Making, bag: Bag): Question {
	const byEye = madeByEye(camera, settings);
	const fixed = {
		...fixedOf(camera, settings, byEye),
		...(settings.manual && { manual: true }),
		...(settings.handTimed && { handTimed: true })
	};
	const films = bag.films?.filter((other) => goesInto(other, takenBy(camera, film)));
	return { camera, film, light, bag: { ...bag, films }, intent: { ...intent, ...fixed } };
}

/** A frame as it would be made when a change is made: what the change leaves free is set by the reading. */
function makingOf(before: Making, { change, question }: SingleChange): Making {
	const { camera, film, light, intent } = question;
	const isFilm = change.kind === 'film';
	const { f, seconds, compensation, iso, position, handTimed, manual } = bestOutcome(
		camera,
		film,
		light,
		isFilm ? { ...intent, iso: undefined } : intent
	);
	const key = isFilm ? keyOf(film) : before.of.film;
	return {
		camera,
		film,
		light,
		intent: { ...before.intent, filters: intent.filters },
		settings: { f, seconds, compensation, iso, position, handTimed, ...(manual && { manual }) },
		of: { ...before.of, film: key, load: isFilm ? `${before.of.load} as ${key}` : before.of.load },
		developing: before.developing
	};
}

const nameOf = ({ change }: SingleChange) =>
	[change.kind, change.id ?? change.name, change.to, change.off].join(' ');

/** A lost frame, and every single thing that could have been done at it. */
interface Lost {
	before: Relived;
	question: Question;
	singles: SingleChange[];
}

function lostWith(before: Relived, bag: Bag): Lost {
	const { making, judged } = before.frame;
	const question = questionOf(making, bag);
	const best = bestOutcome(question.camera, question.film, question.light, question.intent);
	// What is to be found goes by how it came out, not by what was expected.
	const cameOut = { ...best, error: judged!.stops, verdict: 'too-light' as const };
	return { before, question, singles: singleChanges(KINDS, question, cameOut) };
}

/** What is to be found for one frame may serve another one, too. */
function withFound(lost: readonly Lost[]): Lost[] {
	const found = new Map<string, SingleChange>();
	for (const { singles } of lost)
		for (const single of singles) if (single.change.missing) found.set(nameOf(single), single);
	return lost.map((each) => ({
		...each,
		singles: [
			...each.singles.filter(({ change }) => !change.missing),
			...[...found.values()].map((single) => withMissing(each.question, single))
		]
	}));
}

/** A change by which some lost frames come out. */
interface Candidate {
	single: SingleChange;
	stops: number[];
	ids: string[];
}

const isLost = ({ frame, then }: Relived) =>
	frame.judged !== undefined && !frame.spoiled && fateOf(then).usable < LIKELY;

/** Whether a frame comes out, more likely than not: half of what it is worth is that it does well. */
const comesOut = ({ good, usable }: Fate) => worth({ chances: { good, usable } }) >= LIKELY;

/** Every change by which a lost frame would have come out. */
function candidatesFor(worlds: Worlds, lost: readonly Relived[], bag: Bag): Map<string, Candidate> {
	const found = new Map<string, Candidate>();
	for (const { before, singles } of withFound(lost.map((each) => lostWith(each, bag)))) {
		const was = fateOf(before.then).error;
		for (const single of singles) {
			const fate = fateOf(replayed(worlds, before, makingOf(before.frame.making, single)));
			if (!comesOut(fate)) continue;
			const name = nameOf(single);
			const candidate = found.get(name) ?? { single, stops: [], ids: [] };
			candidate.stops.push(fate.error - was);
			candidate.ids.push(before.frame.id);
			found.set(name, candidate);
		}
	}
	return found;
}

/** Each lost frame's least change; of changes that take as much, those that save most are taken first. */
function leastOf(candidates: readonly Candidate[]): Candidate[] {
	const left = new Set(candidates.flatMap(({ ids }) => ids));
	const taken: Candidate[] = [];
	for (const effort of [...new Set(candidates.map(({ single }) => single.effort))].sort((a, b) => a - b)) {
		const level = candidates.filter(({ single }) => single.effort === effort);
		for (;;) {
			const still = level.map((each) => ({ each, ids: each.ids.filter((id) => left.has(id)) }));
			const most = still.reduce((a, b) => (b.ids.length > a.ids.length ? b : a));
			if (most.ids.length === 0) break;
			most.ids.forEach((id) => left.delete(id));
			taken.push({ ...most.each, ids: most.ids });
		}
	}
	return taken;
}

/** Good frames that a change would have lost, were it done to all of them. */
function spoiledBy(worlds: Worlds, good: readonly Relived[], bag: Bag, single: SingleChange): number {
	const name = nameOf(single);
	return good.filter((before) => {
		const question = questionOf(before.frame.making, bag);
		const best = bestOutcome(question.camera, question.film, question.light, question.intent);
		const same = singleChanges([single.change.kind], question, best).find((each) => nameOf(each) === name);
		const made = same ?? (single.change.missing ? withMissing(question, single) : null);
		return made && fateOf(replayed(worlds, before, makingOf(before.frame.making, made))).usable < LIKELY;
	}).length;
}

/** What is not in the bag is put on another frame as it was on the first. */
function withMissing(question: Question, { change, effort, question: made }: SingleChange): SingleChange {
	const { film, intent } = question;
	if (change.kind === 'film') return { change, effort, question: { ...question, film: made.film } };
	const filters = [...(intent.filters ?? []), ...(made.intent.filters ?? []).slice(-1)];
	return { change, effort, question: { ...question, film, intent: { ...intent, filters } } };
}

const mean = (values: readonly number[]) => values.reduce((sum, each) => sum + each, 0) / values.length;

/** Changes that are told of. */
const MOST_TOLD = 6;

/**
 * For every frame that was lost by its exposure, the least change by which it would have come out, counted.
 *
 * @param bag what might have been used
 * @returns changes that take least first, of those the ones that save most
 * @example whatSaves(14 frames of an eye at its limit, { filters: [an ND of 2 stops] }).saved[0].lost // 14
 */
export function whatSaves({ worlds, frames }: History, bag: Bag): Savings {
	const lost = frames.filter(isLost);
	const good = frames.filter(({ frame, then }) => !frame.spoiled && fateOf(then).usable >= LIKELY);
	const candidates = [...candidatesFor(worlds, lost, bag).values()];
	const least = leastOf(candidates);
	const saving = ({ single, stops, ids }: Candidate): Saving => ({
		change: { ...single.change, stops: mean(stops) },
		effort: single.effort,
		lost: ids.length,
		ids,
		spoils: spoiledBy(worlds, good, bag, single)
	});
	return {
		lost: lost.length,
		saved: least.slice(0, MOST_TOLD).map(saving),
		open: lost.length - new Set(least.flatMap(({ ids }) => ids)).size
	};
}
