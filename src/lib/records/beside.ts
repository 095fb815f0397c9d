import { wrap, type Remote } from 'comlink';
import { forWhom, space } from './whose';
import type { Copy } from '$replica/copy';
import type { Working } from '$replica/working';

type Beside = Working & Copy;
type Begun = { begin(space: string, whose: Readonly<Record<string, string>>): void };

let opened: { worker: Worker; remote: Remote<Beside> } | null = null;

function open() {
	const worker = new Worker(new URL('../../workers/replica.worker.ts', import.meta.url), { type: 'module' });
	const remote = wrap<Beside & Begun>(worker);
	// Before all that it is asked.
	void remote.begin(space, forWhom);
	return { worker, remote };
}

/** The worker that follows the server and goes through many frames: opened when it is first asked. */
export const beside = (): Remote<Beside> => (opened ??= open()).remote;

/** Ends it, with all that it was doing. */
export function endBeside(): void {
	opened?.worker.terminate();
	opened = null;
}
