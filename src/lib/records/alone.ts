import { browser } from '$app/environment';

const LOCK = 'just-enough-outbox';

let last: Promise<unknown> = Promise.resolve();

/** This page's own work, one after the other. */
function inTurn<T>(work: () => Promise<T>): Promise<T> {
	const mine = last.then(work, work);
	last = mine.catch(() => undefined);
	return mine;
}

/** One page of all at a time; browsers offer locks on this machine itself and over https alone, and without them each page keeps its own turn. */
export function alone<T>(work: () => Promise<T>): Promise<T> {
	if (!browser || !navigator.locks) return inTurn(work);
	return navigator.locks.request(LOCK, work) as Promise<T>;
}
