import { automaticExposure, scatterOf } from '../../camera';
import { latitudeOf, speedDoubt, type Latitude, type StopRange } from '../../film';
import { resolveLight } from '../../light';
import { worth } from '../best';
import { chanceWithin } from '../chance';
import { offsetOf } from '../../camera';
import type { Change, Outcome, Remedy } from '../types';
import { distanceOutside } from '../verdict';
import {
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
/** Two changes must add this to one that takes no more effort, or they are not tried. */
const WORTH_A_SECOND = 0.02;
/** Stops by which a frame that fails must come nearer. */
const NEARER = 1 / 3;
/** Settings that are worked out for pairs, at most: beyond, a camera of thousands of settings would take seconds. */
const MOST_FOR_PAIRS = 400_000;

/** How well a frame comes out; below zero by its distance where it does not. */
function merit({ usable }: Latitude, outcome: Outcome): number {
	if (outcome.verdict === 'just-enough' || outcome.verdict === 'usable') return worth(outcome);
	return -distanceOutside(usable, outcome.error);
}

const tier = (outcome: Outcome) =>
	({ 'just-enough': 0, usable: 1, 'too-dark': 2, 'too-light': 2 })[outcome.verdict];

/** Whether an outcome is so much better than the present one that it is worth a change. */
function brings(latitude: Latitude, best: Outcome, outcome: Outcome): boolean {
	if (tier(outcome) !== tier(best)) return tier(outcome) < tier(best);
	const lessSpoiled = outcome.spoilers.length < best.spoilers.length;
	if (lessSpoiled && worth(outcome) >= worth(best) - TELLING) return true;
	const gained = merit(latitude, outcome) - merit(latitude, best);
	return gained >= (tier(best) === 2 ? NEARER : TELLING);
}

const centred = ([from, to]: StopRange, sd: number) =>
	chanceWithin([(from - to) / 2, (to - from) / 2], 0, sd);

/** No setting of any kind can be worth more than this with the question's film and doubt. */
function mostWorth({ camera, film, light }: Question): number {
	const eye = automaticExposure(camera);
	const { sd } = resolveLight(light);
	const doubt = Math.hypot(eye ? Math.min(sd, scatterOf(eye)) : sd, offsetOf(camera).sd, speedDoubt(film));
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
	const remedy = { changes: [change], effort: kind.effort, outcome };
	return { kind, option, question: next, remedy, ofJudge: kind.judge ? {} : said };
}

/** Two things together: the second judged where the first is done. */
function* pairsAfter(first: Tried, kinds: readonly RemedyKind[], answer: CostedAnswer): Generator<Remedy> {
	const from = kinds.indexOf(first.kind);
	for (const kind of kinds.slice(from)) {
		const stacked = kind === first.kind;
		for (const option of kind.options(first.question, first.remedy.outcome)) {
			// Of one kind only filters go together, and each two of them once.
			const again = kind.kind !== 'filter' || option.off || option.name <= first.option.name;
			if (stacked && again) continue;
			const tried = attempt(first.question, first.remedy.outcome, kind, option, answer, first.kind.judge);
			if (!tried) continue;
			const [done] = first.remedy.changes;
			const changes = [{ ...done, ...tried.ofJudge }, ...tried.remedy.changes];
			yield { changes, effort: first.kind.effort + kind.effort, outcome: tried.remedy.outcome };
		}
	}
}

/** Another light is another picture: it beats nothing that mends this one. */
const isElsewhere = ({ changes }: Remedy) => changes.some(({ kind }) => kind === 'light');

/** One that takes no more effort, comes out no worse and is spoiled by no more beats another. */
function beats(latitude: Latitude, a: Remedy, b: Remedy): boolean {
	return (
		!isElsewhere(a) &&
		a.effort <= b.effort &&
		merit(latitude, a.outcome) >= merit(latitude, b.outcome) &&
		a.outcome.spoilers.length <= b.outcome.spoilers.length
	);
}

function undominated(latitude: Latitude, remedies: Remedy[]): Remedy[] {
	const order = (a: Remedy, b: Remedy) =>
		a.effort - b.effort ||
		merit(latitude, b.outcome) - merit(latitude, a.outcome) ||
		a.outcome.spoilers.length - b.outcome.spoilers.length;
	const kept: Remedy[] = [];
	for (const remedy of [...remedies].sort(order)) {
		if (!kept.some((better) => beats(latitude, better, remedy))) kept.push(remedy);
	}
	return kept;
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
	const latitude = latitudeOf(question.film);
	const singles = kinds.flatMap((kind) =>
		kind.options(question, best).flatMap((option) => attempt(question, best, kind, option, answer) ?? [])
	);
	const found = singles.map(({ remedy }) => remedy).filter(({ outcome }) => brings(latitude, best, outcome));
	const pairing = kinds.filter(({ pairs }) => pairs);
	let left = MOST_FOR_PAIRS / settings;
	for (const first of singles.filter(({ kind }) => kind.pairs)) {
		const most = mostWorth(first.question) - WORTH_A_SECOND;
		const enough = (effort: number) =>
			found.some(
				(each) =>
					!isElsewhere(each) &&
					each.effort <= effort &&
					each.outcome.spoilers.length === 0 &&
					worth(each.outcome) >= most
			);
		if (enough(first.kind.effort) || (tier(best) === 0 && most < worth(best) && best.spoilers.length === 0))
			continue;
		for (const pair of pairsAfter(first, pairing, answer)) {
			if (brings(latitude, best, pair.outcome)) found.push(pair);
			if (--left <= 0) return undominated(latitude, found).slice(0, MOST_REMEDIES);
		}
	}
	return undominated(latitude, found).slice(0, MOST_REMEDIES);
}
