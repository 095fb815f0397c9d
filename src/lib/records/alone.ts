import { browser } from '$app/environment';

const LOCK = 'just-enough-outbox';

const last = new Map<string, Promise<unknown>>();

/** This page's own work, one after the other. */
function inTurn<T>(work: () => Promise<T>, lock: string): Promise<T> {
	const mine = (last.get(lock) ?? Promise.resolve()).then(work, work);
	last.set(
		lock,
		mine.catch(() => undefined)
	);
	return mine;
}

/** One page of all at a time; browsers offer locks on this machine itself and over https alone, and without them each page keeps its own turn. */
export function alone<T>(work: () => Promise<T>, lock: string = LOCK): Promise<T> {
	if (!browser || !navigator.locks) return inTurn(work, lock);
	return navigator.locks.request(lock, work) as Promise<T>;
}
