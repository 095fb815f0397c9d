import { wrap, type Remote } from 'comlink';
import type { match, Remedy, trialWorth, TrialWorth } from '$core/match';
import { measures } from '$core/units';
import type { MatchAnswers } from '../../workers/match.worker';

type Asked = Parameters<typeof match>;

/** Between two questions to the worker. */
const PAUSE_MS = 100;

/**
 * Works out remedies in a worker, so that the line of the light never waits for them: one question at
 * a time, and of those that came meanwhile only the last.
 */
export class RemedyDesk {
	/** Remedies for the last question that was answered. */
	remedies = $state.raw<Remedy[]>([]);
	/** Whether they belong to an older question than the last. */
	behind = $state(false);
	/** Whether the last question could not be answered. */
	failed = $state(false);
	/** Whether there is a worker to ask. */
	ready = $state(false);
	#ask: Remote<MatchAnswers> | null = null;
	#next: Asked | null = null;
	#busy = false;
	#pause: ReturnType<typeof setTimeout> | undefined;

	/** Starts the worker; gives back how to end it. */
	open(): () => void {
		const worker = new Worker(new URL('../../workers/match.worker.ts', import.meta.url), { type: 'module' });
		this.#ask = wrap<MatchAnswers>(worker);
		this.ready = true;
		void this.#work();
		return () => {
			this.ready = false;
			this.#ask = null;
			worker.terminate();
		};
	}

	/** Asks for the remedies of a match; null where there is nothing to mend. */
	ask(asked: Asked | null): void {
		this.#next = asked;
		this.behind = asked !== null;
		this.failed = false;
		if (!asked) this.remedies = [];
		this.#soon();
	}

	/** Whether a test frame is worth it; null where that cannot be said. */
	async worth(...asked: Parameters<typeof trialWorth>): Promise<TrialWorth | null> {
		try {
			return (await this.#ask?.trialWorth(...asked)) ?? null;
		} catch (error) {
			console.error(error);
			return null;
		}
	}

	/** While a finger drags, the worker must leave the page room: of many questions it takes one now and then. */
	#soon(): void {
		if (this.#pause !== undefined) return;
		this.#pause = setTimeout(() => {
			this.#pause = undefined;
			void this.#work();
		}, PAUSE_MS);
	}

	async #work(): Promise<void> {
		if (this.#busy || !this.#ask || !this.#next) return;
		this.#busy = true;
		const asked = this.#next;
		this.#next = null;
		const remedies = await this.#answered(asked);
		this.#busy = false;
		if (this.#next) this.#soon();
		if (this.#next || !this.behind) return;
		this.failed = remedies === null;
		this.remedies = remedies ?? [];
		this.behind = false;
	}

	/** Remedies, or null where the worker fell over the question: the next one may be answered all the same. */
	async #answered(asked: Asked): Promise<Remedy[] | null> {
		try {
			return (await this.#ask!.match({ ...measures() }, ...asked)).remedies;
		} catch (error) {
			console.error(error);
			return null;
		}
	}
}
