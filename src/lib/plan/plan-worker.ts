import type { Remote } from 'comlink';
import type { planWork } from '$core/plan';
import { opened, type Opened } from '$lib/parts/beside.svelte';

export type PlanWork = Remote<typeof planWork>;

/** Starts the worker that plans. */
export const openPlanWorker = (): Opened<typeof planWork> =>
	opened(new Worker(new URL('../../workers/plan.worker.ts', import.meta.url), { type: 'module' }));
