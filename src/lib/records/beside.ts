import { wrap, type Remote } from 'comlink';
import type { Copy } from '$replica/copy';
import type { Working } from '$replica/working';

type Beside = Working & Copy;

let opened: { worker: Worker; remote: Remote<Beside> } | null = null;

function open() {
	const worker = new Worker(new URL('../../workers/replica.worker.ts', import.meta.url), { type: 'module' });
	return { worker, remote: wrap<Beside>(worker) };
}

/** The worker that follows the server and goes through many frames: opened when it is first asked. */
export const beside = (): Remote<Beside> => (opened ??= open()).remote;

/** Ends it, with all that it was doing. */
export function endBeside(): void {
	opened?.worker.terminate();
	opened = null;
}
