import { proxy } from 'comlink';
import type { compareWork, Comparison, Held, Way } from '$core/compare';
import { Beside, opened } from '$lib/parts/beside.svelte';

/** A way with what tells it apart on the page. */
export interface ChosenWay {
	id: string;
	way: Way;
}

/** Ways that were compared, and what came of it: the two belong together. */
export interface Compared {
	ways: readonly ChosenWay[];
	comparison: Comparison;
}

/** Compares ways in a worker; says how far it is, and can be stopped. */
export class CompareDesk extends Beside<typeof compareWork> {
	/** What was compared last; it stays until the next is known. */
	compared = $state.raw<Compared | null>(null);

	constructor() {
		super(() =>
			opened(new Worker(new URL('../../workers/compare.worker.ts', import.meta.url), { type: 'module' }))
		);
	}

	/** Compares ways; what was being worked out is given up. */
	async ask(ways: readonly ChosenWay[], held: Held): Promise<void> {
		if (ways.length === 0) {
			this.stop();
			this.compared = null;
			return;
		}
		const work = this.begin((ways.length + 1) * Math.max(1, held.log?.frames.length ?? 0));
		await this.answered(async () => {
			const comparison = await work.compare(
				ways.map(({ way }) => way),
				held,
				proxy(this.saying(work))
			);
			if (this.work !== work) return;
			this.compared = { ways, comparison };
			this.done();
		});
	}
}
