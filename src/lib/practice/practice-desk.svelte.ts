import isEqual from 'fast-deep-equal';
import { DateTime } from 'luxon';
import {
	courseOf,
	drillCard,
	drillsFor,
	lastDays,
	oneMore,
	sceneFor,
	evOfScene,
	type DrillBag,
	type Exercise,
	type Guess,
	type Named,
	type Task
} from '$core/practice';
import { outbox } from '$lib/records/outbox.svelte';

/** Days of which is shown whether there was practice. */
const DAYS_SHOWN = 14;

const now = () => DateTime.local();

/** When something was done, as exercises keep it. */
export const stamped = () => ({ at: now().toISO({ suppressMilliseconds: true }), day: now().toISODate() });

type KeptExercise = Exercise & { id: string };

/** The course of the day: what there is to do, and what was answered last. */
export class PracticeDesk {
	#kept: () => readonly KeptExercise[];
	#bag: () => DrillBag;

	/** The task that was answered just now: it is looked at until the next is wanted. */
	answered = $state.raw<{ task: Task; guess?: Guess; choice?: number } | null>(null);
	/** Scenes asked for after the course. */
	#extra = $state.raw<Task | null>(null);
	problem = $state('');
	/** The server did not answer the last time. */
	away = $state(false);
	today = $state(now().toISODate());

	exercises = $derived.by((): Exercise[] => {
		const kept = this.#kept();
		const known = new Set(kept.map(({ id }) => id));
		return [...kept, ...outbox.of('exercises').filter(({ id }) => !known.has(id))];
	});
	#cards = $derived.by(() => drillsFor(this.#bag()));
	course = $derived.by(() => courseOf(this.exercises, this.today, this.#cards));
	#next = $derived.by(() => this.#same(this.#extra ?? this.course.tasks[this.course.done] ?? null));
	/** What is on the table; null when the day is done. */
	task = $derived(this.answered?.task ?? this.#next);
	scene = $derived(this.task?.kind === 'seeing' ? sceneFor(this.task.skill, this.task.seed) : null);
	card = $derived.by(() =>
		this.task?.kind === 'drill' ? drillCard(this.task.card, this.#bag(), this.task.seed) : null
	);
	/** The scene after this one, to be drawn meanwhile. */
	nextScene = $derived.by(() => {
		const next = this.course.tasks[this.answered ? this.course.done : this.course.done + 1];
		return next?.kind === 'seeing' ? sceneFor(next.skill, next.seed) : null;
	});

	days = $derived.by(() => {
		const last = Array.from({ length: DAYS_SHOWN }, (_, ago) =>
			DateTime.fromISO(this.today)
				.minus({ days: DAYS_SHOWN - 1 - ago })
				.toISODate()!
		);
		return lastDays(this.exercises, last);
	});

	#last: Task | null = null;

	/**
	 * The same task is the same thing, though all that was practised be read again when an answer was saved: what is being
	 * called and picked for it would else begin anew under the hand.
	 */
	#same(task: Task | null): Task | null {
		if (!isEqual(task, this.#last)) this.#last = task;
		return this.#last;
	}

	constructor(kept: () => readonly KeptExercise[], bag: () => DrillBag) {
		this.#kept = kept;
		this.#bag = bag;
	}

	async #keep(exercise: Exercise): Promise<void> {
		this.problem = '';
		const sent = await outbox.send('exercises', exercise);
		this.away = sent.result === 'kept';
		if (sent.result === 'refused') this.problem = sent.problem;
	}

	/** Checks a guess of the scene on the table. */
	guess(named: Named, ev: number): void {
		const { task, scene } = this;
		if (task?.kind !== 'seeing' || !scene || this.answered) return;
		const guess: Guess = {
			kind: 'seeing',
			...stamped(),
			clock: scene.clock,
			named: $state.snapshot(named) as Named,
			ev,
			read: { ev: evOfScene(scene), sd: 0, by: 'drawn' },
			drawn: { skill: task.skill, seed: task.seed }
		};
		this.answered = { task, guess };
		void this.#keep(guess);
	}

	/** Answers the card on the table. */
	choose(choice: number): void {
		const { task, card } = this;
		if (task?.kind !== 'drill' || !card || this.answered || choice >= card.choices.length) return;
		this.answered = { task, choice };
		void this.#keep({ kind: 'drill', ...stamped(), card: task.card, right: choice === card.right });
	}

	/** Puts the next task on the table. */
	next(): void {
		this.answered = null;
		this.#extra = null;
		this.today = now().toISODate();
	}

	/** One more scene, of what stands weakest. */
	more(): void {
		const seen = this.exercises.filter((each) => each.kind === 'seeing' && each.day === this.today).length;
		this.#extra = oneMore(this.exercises, this.today, Date.now(), seen);
	}
}
