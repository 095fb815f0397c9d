import { wrap, type Remote } from 'comlink';
import type { planWork } from '$core/plan';

export type PlanWork = Remote<typeof planWork>;

/** The worker that plans, and how to end it. */
export interface PlanWorker {
	work: PlanWork;
	close: () => void;
}

export function openPlanWorker(): PlanWorker {
	const worker = new Worker(new URL('../../workers/plan.worker.ts', import.meta.url), { type: 'module' });
	return { work: wrap<typeof planWork>(worker), close: () => worker.terminate() };
}
