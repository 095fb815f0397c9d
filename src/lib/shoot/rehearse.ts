const STEP_EV = 1 / 3;

/** Idle time that is left for the page, ms. */
const LEAST_LEFT_MS = 5;

/**
 * Goes through the line of stops while nothing else is to do: what the browser has run before, it runs
 * quickly, so that the very first drag is as smooth as the later ones.
 *
 * @param answer what a drag will ask of each EV
 * @param line EV from and to
 * @returns how to end it early
 */
export function rehearse(answer: (ev: number) => unknown, [from, to]: readonly [number, number]): () => void {
	if (!('requestIdleCallback' in window)) return () => undefined;
	let ev = from;
	const go = (idle: IdleDeadline) => {
		for (; ev <= to && idle.timeRemaining() > LEAST_LEFT_MS; ev += STEP_EV) answer(ev);
		if (ev <= to) asked = requestIdleCallback(go);
	};
	let asked = requestIdleCallback(go);
	return () => cancelIdleCallback(asked);
}
