import { drillKinds, type DrillKind } from './drill';
import { recalls } from './schedule';
import { skills, type Skill } from './skills';
import type { Exercise, Practised } from './types';

/** A day of the course. */
export interface Lesson {
	title: string;
	/** What to look for, in a sentence or two. */
	look: string;
	skills: readonly Skill[];
}

/** A day each for the first week; from then on all days are like the last. Common practice. */
export const lessons: readonly Lesson[] = [
	{
		title: 'The edge of a shadow',
		look: 'Look at the ground beside something thin. A dark shadow with a sharp edge is f/16 at 1/ISO. A soft edge costs one stop: f/11.',
		skills: ['sharp', 'soft']
	},
	{
		title: 'When the shadow goes',
		look: 'A shadow that you can only just find is f/8. None at all is f/5.6, and less under a dark sky.',
		skills: ['faint', 'none']
	},
	{
		title: 'Where the sun stands',
		look: 'Look at the subject, not the sky. Sun from the side costs half a stop; from behind, two, if the shaded side matters.',
		skills: ['from-the-side', 'against-the-light']
	},
	{
		title: 'Shade',
		look: 'In the shade of a wall the subject still sees half the sky: about f/8. Under a tree it sees little of it: f/4 to f/2.8.',
		skills: ['open-shade', 'deep-shade']
	},
	{
		title: 'What lies on the ground',
		look: 'Pale sand and snow throw light back at the subject: up to a stop more. A meter pointed at them says the opposite. Water only adds glitter: go by the shadows.',
		skills: ['pale-ground', 'water']
	},
	{
		title: 'A low sun',
		look: 'Long shadows mean a low sun. Their edges are still sharp, so the rules read too bright: take a stop off, two in the last hour. Once it has set no rule holds: a stop goes every few minutes.',
		skills: ['low-sun', 'dusk']
	},
	{
		title: 'Under a roof',
		look: 'A lit work room is f/1.4 at 1/ISO, about EV 7½; lamps at home are one to two stops less, and what is twice as far from one lamp gets two stops less.',
		skills: ['room', 'lamps']
	},
	{
		title: 'Everything so far',
		look: 'Everything so far, your weakest most often.',
		skills
	}
];

/** One thing to do. */
export type Task =
	{ kind: 'seeing'; skill: Skill; seed: number } | { kind: 'drill'; card: DrillKind; seed: number };

/** What a day holds. */
export interface Course {
	/** 1 for the first day of practice. */
	day: number;
	lesson: Lesson;
	tasks: Task[];
	/** How many of them are done. */
	done: number;
}

/** Scenes and cards of a day: about three minutes. */
const SCENES = 6;
const CARDS = 6;

const hasDay = (exercise: Exercise): exercise is Practised => 'day' in exercise;

/** A number that stands for a day, so that no two days draw the same scenes. */
const seedOf = (today: string, at: number) => Number(today.replaceAll('-', '')) * 32 + at;

/** The first of a list that fill a number of places, going round. */
const round = <T>(list: readonly T[], places: number) =>
	Array.from({ length: list.length === 0 ? 0 : places }, (_, at) => list[at % list.length]);

/** What is new twice each, then what is due, the weakest first. */
function skillsOf(lesson: Lesson, known: readonly Skill[]): Skill[] {
	const fresh = lesson.skills.length <= 2 ? [...lesson.skills, ...lesson.skills] : [];
	return [...fresh, ...round(known.length > 0 ? known : lesson.skills, SCENES - fresh.length)];
}

/** Weakest first; what was never tried before it. */
function weakestFirst<T extends string>(all: readonly T[], stood: readonly { item: string }[]): T[] {
	const rank = new Map(stood.map(({ item }, at) => [item, at]));
	return [...all].sort((a, b) => (rank.get(a) ?? -1) - (rank.get(b) ?? -1));
}

function tasksOf(lesson: Lesson, before: readonly Exercise[], today: string, cards: readonly DrillKind[]) {
	const stood = recalls(before, Date.parse(today));
	const met = skills.filter((skill) => stood.some(({ item }) => item === skill));
	const known = weakestFirst(lesson.skills === skills ? skills : met, stood);
	const seeing = skillsOf(lesson, known).map((skill, at): Task => ({
		kind: 'seeing',
		skill,
		seed: seedOf(today, at)
	}));
	const drill = round(weakestFirst(cards, stood), CARDS).map((card, at): Task => ({
		kind: 'drill',
		card,
		seed: seedOf(today, SCENES + at)
	}));
	return [...seeing, ...drill];
}

/**
 * What there is to do on a day. It depends on what was practised on other days alone, so that it stays
 * what it is while it is being done.
 *
 * @param exercises all that is known, in any order
 * @param today the person's own day, YYYY-MM-DD
 * @param cards the drills that the bag allows
 * @example courseOf([], '2026-11-25', drillKinds).lesson.title // 'The edge of a shadow'
 */
export function courseOf(
	exercises: readonly Exercise[],
	today: string,
	cards: readonly DrillKind[] = drillKinds
): Course {
	const practised = exercises.filter(hasDay);
	const before = practised.filter(({ day }) => day < today);
	const day = new Set(before.map(({ day }) => day)).size + 1;
	const lesson = lessons[Math.min(day, lessons.length) - 1];
	const tasks = tasksOf(lesson, before, today, cards);
	const seeds = new Set(
		practised.flatMap((each) =>
			each.day === today && each.kind === 'seeing' && each.drawn ? [each.drawn.seed] : []
		)
	);
	const seen = tasks.filter((task) => task.kind === 'seeing' && seeds.has(task.seed)).length;
	const drilled = practised.filter((each) => each.day === today && each.kind === 'drill').length;
	return { day, lesson, tasks, done: seen + Math.min(drilled, tasks.length - SCENES) };
}

/**
 * One more scene after the day's course: of what stands weakest.
 *
 * @param extra how many there were before
 */
export function oneMore(exercises: readonly Exercise[], today: string, now: number, extra: number): Task {
	const stood = recalls(exercises, now);
	const known = weakestFirst(
		skills.filter((skill) => stood.some(({ item }) => item === skill)),
		stood
	);
	return { kind: 'seeing', skill: known[0] ?? 'sharp', seed: seedOf(today, SCENES + CARDS + extra) };
}

/** Whether each of the last days, today last, had practice. */
export function lastDays(exercises: readonly Exercise[], days: readonly string[]): boolean[] {
	const practised = new Set(exercises.filter(hasDay).map(({ day }) => day));
	return days.map((day) => practised.has(day));
}
