import { wrap, type Remote } from 'comlink';
import type { DayPlan, DayQuestion, planDay } from '$core/plan';

/** Plans the day of each camera in a worker, one after the other; a new question ends the old one. */
export class PlanDesk {
	/** Plans that are worked out, by load. */
	plans = $state.raw<Readonly<Record<string, DayPlan>>>({});
	/** How many are still to come. */
	left = $state(0);
	#ask: Remote<typeof planDay> | null = null;
	#round = 0;

	/** Starts the worker; gives back how to end it. */
	open(): () => void {
		const worker = new Worker(new URL('../../workers/plan.worker.ts', import.meta.url), { type: 'module' });
		this.#ask = wrap<typeof planDay>(worker);
		return () => {
			this.#ask = null;
			worker.terminate();
		};
	}

	/** Asks for the plans of some loads. */
	async ask(questions: readonly { id: string; question: DayQuestion }[]): Promise<void> {
		const round = ++this.#round;
		this.left = questions.length;
		const plans: Record<string, DayPlan> = {};
		for (const { id, question } of questions) {
			if (!this.#ask || round !== this.#round) return;
			plans[id] = await this.#ask(question);
			if (round !== this.#round) return;
			this.left -= 1;
		}
		this.plans = plans;
	}
}
