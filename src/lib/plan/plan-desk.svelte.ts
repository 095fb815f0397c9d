import { openPlanWorker, type PlanWork } from './plan-worker';

/** Asks a worker several questions, one after the other; new ones end the old ones. */
export class PlanDesk<Q, A> {
	/** What is worked out, by the id of its question. */
	plans = $state.raw<Readonly<Record<string, A>>>({});
	/** How many are still to come. */
	left = $state(0);
	/** Whether one of them could not be worked out. */
	failed = $state(false);
	#way: (work: PlanWork, question: Q) => Promise<A>;
	#work: PlanWork | null = null;
	#round = 0;
	/** Whether answers to all of some questions stand already. */
	#shown = false;

	/** @param way what of the worker answers a question */
	constructor(way: (work: PlanWork, question: Q) => Promise<A>) {
		this.#way = way;
	}

	/** Starts the worker; gives back how to end it. */
	open(): () => void {
		const { work, close } = openPlanWorker();
		this.#work = work;
		return () => {
			this.#work = null;
			close();
		};
	}

	async ask(questions: readonly { id: string; question: Q }[]): Promise<void> {
		const round = ++this.#round;
		this.left = questions.length;
		this.failed = false;
		const plans: Record<string, A> = {};
		/** What is first is shown as it comes; what follows something, all at once: no picture is of two days. */
		const first = !this.#shown;
		for (const { id, question } of questions) {
			if (!this.#work || round !== this.#round) return;
			const plan = await this.#answered(question);
			if (round !== this.#round) return;
			if (plan === null) this.failed = true;
			else plans[id] = plan;
			this.left -= 1;
			if (first) this.plans = { ...plans };
		}
		this.plans = plans;
		this.#shown = true;
	}

	async #answered(question: Q): Promise<A | null> {
		try {
			return await this.#way(this.#work!, question);
		} catch (error) {
			console.error(error);
			return null;
		}
	}
}
