import { automaticExposure, leastOffsetDoubt, scatterOf } from '../../camera';
import { latitudeOf, speedDoubt, type Film, type Latitude, type StopRange } from '../../film';
import { flashDoubt } from '../../flash';
import { resolveLight } from '../../light';
import { worth } from '../best';
import { chanceWithin } from '../chance';
import { handDoubtOf } from '../scene';
import type { Change, Outcome, Remedy } from '../types';
import { distanceOutside } from '../verdict';
import {
	effortOf,
	withChange,
	type Answer,
	type Judge,
	type Option,
	type Question,
	type RemedyKind
} from './remedy-kind';

const MOST_REMEDIES = 8;
/** What a remedy must add to the worth of a frame that comes out already. */
const TELLING = 0.05;
/** Two changes must add this to one that takes no more effort. */
const WORTH_A_SECOND = 0.02;
/** Stops by which a frame that fails must come nearer. */
const NEARER = 1 / 3;
/** Below this chance a frame that still fails is not mended. */
const HOPELESS = 0.05;
/** Settings that are worked out for pairs, at most: beyond, a camera of thousands of settings would take seconds. */
const MOST_FOR_PAIRS = 400_000;

/** How well a frame comes out; below zero by its distance where it does not. */
function merit({ usable }: Latitude, outcome: Outcome): number {
	if (outcome.verdict === 'just-enough' || outcome.verdict === 'usable') return worth(outcome);
	return -distanceOutside(usable, outcome.error);
}

const tier = (outcome: Outcome) =>
	({ 'just-enough': 0, usable: 1, 'too-dark': 2, 'too-light': 2 })[outcome.verdict];

/** A remedy, and what the film that it leaves in the camera forgives. */
interface Found {
	remedy: Remedy;
	merit: number;
}

const found = (remedy: Remedy, film: Film): Found => ({
	remedy,
	merit: merit(latitudeOf(film), remedy.outcome)
});

/** Whether a remedy is so much better than things as they are that it is worth a change. */
function brings(best: Outcome, before: number, { remedy: { outcome }, merit: after }: Found): boolean {
	if (tier(outcome) === 2 && outcome.chances.usable < HOPELESS) return false;
	if (tier(outcome) !== tier(best)) return tier(outcome) < tier(best);
	const lessSpoiled = outcome.spoilers.length < best.spoilers.length;
	if (lessSpoiled && worth(outcome) >= worth(best) - TELLING) return true;
	return after - before >= (tier(best) === 2 ? NEARER : TELLING);
}

const centred = ([from, to]: StopRange, sd: number) =>
	chanceWithin([(from - to) / 2, (to - from) / 2], 0, sd);

/** No setting of any kind can be worth more than this with the question's film and doubt, by flash or without. */
function mostWorth({ camera, film, light }: Question, flash: boolean): number {
	const eye = automaticExposure(camera);
	const sd = handDoubtOf(camera, resolveLight(light));
	const offset = leastOffsetDoubt(camera);
	// An eye's own doubt does not come through a limit.
	const followed = eye ? Math.min(sd, Math.hypot(scatterOf(eye), offset)) : Math.hypot(sd, offset);
	const lit = Math.hypot(flashDoubt(false), offset);
	const alone = Math.hypot(flash ? Math.min(followed, lit) : followed, speedDoubt(film));
	// Of two lights that do as much, the doubts average out.
	const doubt = flash ? alone / Math.SQRT2 : alone;
	const { good, usable } = latitudeOf(film);
	return (centred(good, doubt) + centred(usable, doubt)) / 2;
}

/** How the best outcome is worked out, and how many settings that takes. */
interface CostedAnswer {
	best: Answer;
	settings: number;
}

interface Tried {
	kind: RemedyKind;
	option: Option;
	/** The question with the option applied. */
	question: Question;
	remedy: Remedy;
	/** What a judge of an earlier change says of that one now. */
	ofJudge: Partial<Change>;
}

/**
 * Does one thing and says how it comes out, next to how it was.
 *
 * @param earlier judges where an earlier change has its own way of coming out, and this one has not
 */
function attempt(
	question: Question,
	before: Outcome,
	kind: RemedyKind,
	option: Option,
	answer: CostedAnswer,
	earlier?: Judge
): Tried | null {
	const next = withChange(kind, question, option);
	const judge = kind.judge ?? earlier;
	const judged = judge
		? judge(next, answer.best, answer.settings)
		: { outcome: answer.best(next.camera, next.film, next.light, next.intent) };
	if (!judged) return null;
	const { outcome } = judged;
	const said = ('change' in judged ? judged.change : undefined) ?? {};
	const stops = kind.narrows ? 0 : outcome.error - before.error;
	const change: Change = { kind: kind.kind, ...option, ...(kind.judge ? said : {}), stops };
	const remedy = { changes: [change], effort: effortOf(kind, option), outcome };
	return { kind, option, question: next, remedy, ofJudge: kind.judge ? {} : said };
}

/** Of one kind only filters go together, and each two of them once. */
const isSecondFilter = (first: Option, second: Option) =>
	!first.off &&
	!first.instead &&
	!second.off &&
	!second.instead &&
	!second.missing &&
	second.name > first.name;

/** Two things together: the second judged where the first is done. */
function* pairsAfter(first: Tried, kinds: readonly RemedyKind[], answer: CostedAnswer): Generator<Found> {
	for (const kind of kinds) {
		const again = kind === first.kind;
		for (const option of kind.options(first.question, first.remedy.outcome)) {
			if (option.missing) continue;
			if (again && (kind.kind !== 'filter' || !isSecondFilter(first.option, option))) continue;
			const tried = attempt(first.question, first.remedy.outcome, kind, option, answer, first.kind.judge);
			if (!tried) continue;
			const [done] = first.remedy.changes;
			const changes = [{ ...done, ...tried.ofJudge }, ...tried.remedy.changes];
			const effort = first.remedy.effort + tried.remedy.effort;
			yield found({ changes, effort, outcome: tried.remedy.outcome }, tried.question.film);
		}
	}
}

/** Another light, another place, or a wish that is given up, is another picture. */
const isElsewhere = ({ changes }: Remedy) =>
	changes.some(({ kind, wish }) => kind === 'light' || kind === 'meter' || wish);
/** A flash lights what is near and leaves the rest: of equals it comes last. */
const isFlash = ({ changes }: Remedy) => changes.some(({ kind }) => kind === 'flash');

/** What is to be bought is another's choice: a film or a filter. */
const isMissing = ({ changes }: Remedy) => changes.some(({ missing }) => missing);

/** Of the same kind one after the other. */
const kindsOf = ({ changes }: Remedy) => changes.map(({ kind }) => kind).join();

/**
 * One that takes no more effort, comes out no worse and is spoiled by no more beats another: two changes
 * must bring more than one, and what makes it another picture beats only its own kind.
 */
function beats(a: Found, b: Found): boolean {
	const extra = a.remedy.changes.length < b.remedy.changes.length ? WORTH_A_SECOND : 0;
	const spoiled = ({ remedy }: Found) => remedy.outcome.spoilers.length;
	const comesOut = tier(a.remedy.outcome) <= tier(b.remedy.outcome);
	return (
		(!(isElsewhere(a.remedy) || isMissing(a.remedy)) || kindsOf(a.remedy) === kindsOf(b.remedy)) &&
		a.remedy.effort <= b.remedy.effort &&
		a.merit >= b.merit - (comesOut ? extra : 0) &&
		spoiled(a) <= spoiled(b)
	);
}

/** The first of these numbers that differ decides. */
const lesser = (a: readonly number[], b: readonly number[]) =>
	a.map((value, at) => value - b[at]).find((difference) => difference !== 0) ?? 0;

function undominated(all: readonly Found[]): Remedy[] {
	const shown = ({ remedy, merit }: Found) => [
		remedy.effort,
		Number(isFlash(remedy)),
		-merit,
		remedy.outcome.spoilers.length
	];
	const simple = (each: Found) => [each.remedy.effort, each.remedy.changes.length, ...shown(each)];
	let kept: Found[] = [];
	for (const each of all.toSorted((a, b) => lesser(simple(a), simple(b)))) {
		if (kept.some((better) => beats(better, each))) continue;
		kept = [...kept.filter((worse) => !beats(each, worse)), each];
	}
	return kept.sort((a, b) => lesser(shown(a), shown(b))).map(({ remedy }) => remedy);
}

/** Tries every kind of remedy and every two of them that could still be better than what was found. */
export function choose(
	kinds: readonly RemedyKind[],
	question: Question,
	best: Outcome,
	bestOf: Answer,
	settings: number
): Remedy[] {
	const answer: CostedAnswer = { best: bestOf, settings };
	const before = merit(latitudeOf(question.film), best);
	const isBetter = (each: Found) => brings(best, before, each);
	const singles = kinds.flatMap((kind) =>
		kind.options(question, best).flatMap((option) => attempt(question, best, kind, option, answer) ?? [])
	);
	const all = singles.map((tried) => found(tried.remedy, tried.question.film)).filter(isBetter);
	const pairing = kinds.filter(({ pairs }) => pairs);
	let left = MOST_FOR_PAIRS / settings;
	for (const first of singles.filter(({ kind, option }) => kind.pairs && !option.missing)) {
		const later = pairing.slice(pairing.indexOf(first.kind));
		const isOpen = (flash: boolean) => {
			const most = mostWorth(first.question, flash) - WORTH_A_SECOND;
			if (tier(best) === 0 && most < worth(best) && best.spoilers.length === 0) return false;
			return !all.some(
				({ remedy }) =>
					!isElsewhere(remedy) &&
					remedy.effort <= first.remedy.effort &&
					remedy.outcome.spoilers.length === 0 &&
					worth(remedy.outcome) >= most
			);
		};
		const seconds = later.filter(({ kind }) => isOpen(first.kind.kind === 'flash' || kind === 'flash'));
		for (const pair of pairsAfter(first, seconds, answer)) {
			if (isBetter(pair)) all.push(pair);
			if (--left <= 0) return undominated(all).slice(0, MOST_REMEDIES);
		}
	}
	return undominated(all).slice(0, MOST_REMEDIES);
}
