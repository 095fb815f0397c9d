import type { OneMore, Packing, PackQuestion, TwoMore, Use } from '$core/plan';
import { openPlanWorker, type PlanWorker } from './plan-worker';

/** What packing comes to. */
export interface Packed {
	question: PackQuestion;
	packing: Packing;
	/** What one thing more would cover. */
	more: OneMore[];
	/** What two things more would cover of what no single one does. */
	two: TwoMore[];
}

/** Packs in a worker, scene by scene; says how far it is, and can be stopped. */
export class PackDesk {
	packed = $state.raw<Packed | null>(null);
	/** Scenes that are gone through, and all; null where nothing is being worked out. */
	progress = $state.raw<{ done: number; of: number } | null>(null);
	/** Whether it could not be worked out. */
	failed = $state(false);
	#worker: PlanWorker | null = null;
	#giveUp: () => void = () => {};

	/** Packs anew; what was being worked out is given up. Ends when it is done, or given up. */
	async pack(question: PackQuestion): Promise<void> {
		this.stop();
		this.packed = null;
		this.failed = false;
		const worker = openPlanWorker();
		this.#worker = worker;
		// A worker that was ended never answers.
		const givenUp = new Promise<void>((resolve) => (this.#giveUp = resolve));
		try {
			await Promise.race([this.#work(worker, question), givenUp]);
		} catch (error) {
			if (this.#worker !== worker) return;
			console.error(error);
			this.stop();
			this.failed = true;
		}
	}

	async #work(worker: PlanWorker, question: PackQuestion): Promise<void> {
		const { scenes } = question;
		const uses: Use[][] = [];
		for (const [done, scene] of scenes.entries()) {
			this.progress = { done, of: scenes.length };
			uses.push(await worker.work.usesOf(question, scene));
			if (this.#worker !== worker) return;
		}
		const packing = await worker.work.packingOf(question, uses);
		const open = packing.uses.flatMap((use, at) => (use === null ? [at] : []));
		const more = open.length > 0 ? await worker.work.oneMoreFor(question, open) : [];
		const rest = open.filter((at) => !more.some(({ scenes: covered }) => covered.includes(at)));
		const two = rest.length > 0 ? await worker.work.twoMoreFor(question, rest) : [];
		if (this.#worker !== worker) return;
		this.packed = { question, packing, more, two };
		this.stop();
	}

	/** Gives up what is being worked out. */
	stop(): void {
		this.#giveUp();
		this.#worker?.close();
		this.#worker = null;
		this.progress = null;
	}
}
