import type { OneMore, Packing, PackQuestion, planWork, TwoMore, Use } from '$core/plan';
import { Beside } from '$lib/parts/beside.svelte';
import { openPlanWorker, type PlanWork } from './plan-worker';

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
export class PackDesk extends Beside<typeof planWork> {
	packed = $state.raw<Packed | null>(null);

	constructor() {
		super(openPlanWorker);
	}

	/** Packs anew; what was being worked out is given up. Ends when it is done, or given up. */
	async pack(question: PackQuestion): Promise<void> {
		this.packed = null;
		const work = this.begin(question.scenes.length);
		await this.answered(() => this.#pack(work, question));
	}

	async #pack(work: PlanWork, question: PackQuestion): Promise<void> {
		const { scenes } = question;
		const said = this.saying(work);
		const uses: Use[][] = [];
		for (const [done, scene] of scenes.entries()) {
			said(done, scenes.length);
			uses.push(await work.usesOf(question, scene));
			if (this.work !== work) return;
		}
		const packing = await work.packingOf(question, uses);
		const open = packing.uses.flatMap((use, at) => (use === null ? [at] : []));
		const more = open.length > 0 ? await work.oneMoreFor(question, open) : [];
		const rest = open.filter((at) => !more.some(({ scenes: covered }) => covered.includes(at)));
		const two = rest.length > 0 ? await work.twoMoreFor(question, rest) : [];
		if (this.work !== work) return;
		this.packed = { question, packing, more, two };
		this.stop();
	}
}
