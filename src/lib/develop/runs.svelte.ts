import { v4 as uuid } from 'uuid';
import { browser } from '$app/environment';
import { adjustedWhole, stepCues, type Movement, type Step, type StepDone } from '$core/develop';
import { Cueing } from '$lib/timing/cueing';
import { keepHere, keptHere } from '$lib/records/kept-here';
import { now } from '$lib/timing/steady-clock';
import type { Taken } from './mixing';

/** A development that goes on, kept in the browser until its log is. */
export interface Run {
	id: string;
	/** The recipe's name and its id, by which its times are found again. */
	recipe: string;
	recipeId: string;
	/** The loads that are developed; none: nothing of the bag. */
	loadIds?: string[];
	/** What is in the tank, in words. */
	what: string;
	/** What it takes of its recipe. */
	used?: Taken;
	/** What it takes of other baths of the shelf, by the name of the step; what is left out takes nothing. */
	baths?: (Taken & { step: string; recipeId: string })[];
	/** How its tank is moved. */
	movement?: Movement;
	/** Parts of water to one of all stock together; absent: as the recipe is mixed. */
	water?: number;
	celsius: number[];
	steps: Step[];
	/** Baths that are done. */
	done: StepDone[];
	/** When the bath that is on was begun, ms since 1970; null = it waits. */
	begunAt: number | null;
}

const KEY = 'just-enough-runs';
const MS = 1000;

/** As it was kept when there was one load to a tank. */
const asNow = ({ loadId, ...run }: Run & { loadId?: string }): Run => ({
	...(loadId ? { loadIds: [loadId] } : {}),
	...run
});

/** A development as it begins: all of its baths wait. */
export const begun = (
	{ id: recipeId, name }: { id: string; name: string },
	{ what, celsius, steps }: Pick<Run, 'what' | 'steps'> & { celsius: number }
): Run => ({
	...{ id: uuid(), recipe: name, recipeId, what },
	...{ celsius: [celsius], steps, done: [], begunAt: null }
});

/** Replenisher that the baths of a run want when it is over. */
export const refillsOf = ({ used, baths = [], done }: Run) =>
	[used, ...baths.filter(({ step }) => done.some(({ name }) => name === step))].flatMap(
		(taken) => taken?.refill ?? []
	);

/** The bath that a run is in, or undefined when all are done. */
export const stepOf = ({ steps, done }: Run): Step | undefined => steps[done.length];

/** All developments that go on; several may. */
class Runs {
	all = $state.raw<readonly Run[]>(keptHere<Run[]>(KEY, []).map(asNow));
	#now = $state(browser ? now() : 0);
	/** Runs that were given sound on this page. */
	#sounding = $state.raw<ReadonlySet<string>>(new Set());
	#cueings = new Map<string, Cueing>();

	#keep(all: readonly Run[]): void {
		this.all = all;
		keepHere(KEY, all);
	}

	#change(id: string, change: (run: Run) => Run): void {
		this.#keep(this.all.map((run) => (run.id === id ? change(run) : run)));
	}

	/** Since the bath was begun, s. */
	elapsed({ begunAt }: Run): number {
		return begunAt === null ? 0 : Math.max(0, (this.#now - begunAt) / MS);
	}

	isSilent({ id, begunAt }: Run): boolean {
		return begunAt !== null && !this.#sounding.has(id);
	}

	add(run: Run): void {
		this.#keep([...this.all, run]);
	}

	/** Begins the bath, or ends it and goes on to wait for the next. */
	press(id: string): void {
		const run = this.all.find((each) => each.id === id);
		const step = run && stepOf(run);
		if (!run || !step) return;
		this.#now = now();
		if (run.begunAt === null) {
			this.#change(id, (each) => ({ ...each, begunAt: this.#now }));
			this.sound(id);
			return;
		}
		const took = Math.round(this.elapsed(run) * 10) / 10;
		this.#quiet(id);
		this.#change(id, (each) => ({
			...each,
			done: [...each.done, { name: step.name, wanted: step.seconds, took }],
			begunAt: null
		}));
	}

	/** Goes past a bath that is not timed here. */
	skip(id: string): void {
		this.#quiet(id);
		this.#change(id, (run) => {
			const { length } = run.done;
			return { ...run, begunAt: null, steps: run.steps.filter((_, at) => at !== length) };
		});
	}

	/** Gives sound to what is left of the bath; needs a touch. */
	sound(id: string): void {
		const run = this.all.find((each) => each.id === id);
		const step = run && stepOf(run);
		if (!run || !step || run.begunAt === null) return;
		const { begunAt } = run;
		const cueing = this.#cueings.get(id) ?? new Cueing();
		this.#cueings.set(id, cueing);
		this.#sounding = new Set([...this.#sounding, id]);
		cueing.start(stepCues(step), () => (now() - begunAt) / MS);
	}

	#quiet(id: string): void {
		this.#cueings.get(id)?.stop();
		this.#sounding = new Set([...this.#sounding].filter((each) => each !== id));
	}

	/**
	 * The bath is at another temperature now.
	 *
	 * @param whole what all of it would take there, s
	 */
	warm(id: string, celsius: number, whole: number): void {
		const run = this.all.find((each) => each.id === id);
		if (!run) return;
		const sounded = !this.isSilent(run) && run.begunAt !== null;
		const elapsed = this.elapsed(run);
		this.#change(id, (each) => ({
			...each,
			celsius: [...each.celsius, celsius],
			steps: each.steps.map((step, at) =>
				at === each.done.length ? { ...step, seconds: adjustedWhole(elapsed, step.seconds, whole) } : step
			)
		}));
		if (sounded) this.sound(id);
	}

	/** Changes how long the next bath is to take, s. */
	setSeconds(id: string, seconds: number): void {
		this.#change(id, (run) => ({
			...run,
			steps: run.steps.map((step, at) => (at === run.done.length ? { ...step, seconds } : step))
		}));
	}

	/** A bath's rolls are counted with its recipe: they are not counted again. */
	counted(id: string, recipeId: string): void {
		this.#change(id, (run) => ({
			...run,
			...(run.recipeId === recipeId && { used: undefined }),
			baths: run.baths?.filter((bath) => bath.recipeId !== recipeId)
		}));
	}

	leave(id: string): void {
		this.#quiet(id);
		this.#keep(this.all.filter((run) => run.id !== id));
	}

	/** Keeps the times on the screen; gives back how to stop that. */
	watch(): () => void {
		let asked = 0;
		const tick = () => {
			this.#now = now();
			asked = requestAnimationFrame(tick);
		};
		tick();
		return () => {
			cancelAnimationFrame(asked);
			for (const id of this.#cueings.keys()) this.#quiet(id);
		};
	}
}

export const runs = new Runs();
