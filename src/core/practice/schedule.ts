import { createEmptyCard, fsrs, Rating, type Card, type Grade } from 'ts-fsrs';
import { errorOf } from './eye';
import type { Exercise, Practised } from './types';

/** No chance in it: the same practice makes the same course. */
const scheduler = fsrs({ enable_fuzz: false });

/** Errors up to these are no effort, right, and nearly right, stops. */
const [SURE, RIGHT, NEARLY] = [0.2, 0.4, 0.75];

/**
 * How well an exercise went, as the scheduler takes it.
 *
 * @example gradeOf(a guess ⅔ off) // Rating.Hard
 */
export function gradeOf(exercise: Practised): Grade {
	if (exercise.kind === 'drill') return exercise.right ? Rating.Good : Rating.Again;
	const off = Math.abs(errorOf(exercise));
	if (off <= SURE) return Rating.Easy;
	if (off <= RIGHT) return Rating.Good;
	return off <= NEARLY ? Rating.Hard : Rating.Again;
}

/** What an exercise practises; null for a real scene, which comes as it comes. */
function itemOf(exercise: Exercise): string | null {
	if (exercise.kind === 'drill') return exercise.card;
	return exercise.kind === 'seeing' ? (exercise.drawn?.skill ?? null) : null;
}

/** How something practised stands. */
export interface Recall {
	item: string;
	/** When it should come again, ms since 1970. */
	due: number;
	/** Chance that it would be right now, 0 … 1. */
	remembered: number;
}

/**
 * Where everything practised stands, the weakest first: what was missed comes sooner.
 * Source: the FSRS scheduling algorithm of the package ts-fsrs, replayed over all exercises.
 *
 * @param exercises in any order
 * @param now ms since 1970
 */
export function recalls(exercises: readonly Exercise[], now: number): Recall[] {
	const cards = new Map<string, Card>();
	const inOrder = [...exercises].sort((a, b) => Date.parse(a.at) - Date.parse(b.at));
	for (const exercise of inOrder) {
		const item = itemOf(exercise);
		if (item === null || !('day' in exercise)) continue;
		const at = new Date(exercise.at);
		const card = cards.get(item) ?? createEmptyCard<Card>(at);
		cards.set(item, scheduler.next(card, at, gradeOf(exercise)).card);
	}
	return [...cards]
		.map(([item, card]) => ({
			item,
			due: card.due.getTime(),
			remembered: scheduler.get_retrievability(card, new Date(now), false)
		}))
		.sort((a, b) => a.due - b.due || a.item.localeCompare(b.item));
}
