import { wrap, type Remote } from 'comlink';
import type { PlanWork } from '../../workers/plan.worker';

/** The worker that plans, and how to end it. */
export interface PlanWorker {
	work: Remote<PlanWork>;
	close: () => void;
}

export function openPlanWorker(): PlanWorker {
	const worker = new Worker(new URL('../../workers/plan.worker.ts', import.meta.url), { type: 'module' });
	return { work: wrap<PlanWork>(worker), close: () => worker.terminate() };
}
