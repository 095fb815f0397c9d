const STEP_EV = 1 / 3;

/** Until the view stands and was looked at, ms: what is fetched and shown then comes first, but for somebody who begins. */
const FIRST_MS = 6000;
/** Signs of somebody who will drag. */
const SIGNS = ['pointermove', 'pointerdown', 'keydown'] as const;
/** Idle time that is left for the page, ms. */
const LEAST_LEFT_MS = 5;

/**
 * Goes through the line of stops while nothing else is to do: what the browser has run before, it runs
 * quickly, so that the very first drag is as smooth as the later ones.
 *
 * @param answer what a drag will ask of each EV, of one camera
 * @param line EV from and to
 * @param cameras how many there are: one is asked at a time, so that the page never waits for all of them
 * @returns how to end it early
 */
export function rehearse(
	answer: (ev: number, camera: number) => unknown,
	[from, to]: readonly [number, number],
	cameras: () => number
): () => void {
	if (!('requestIdleCallback' in window)) return () => undefined;
	let ev = from;
	let camera = 0;
	const go = (idle: IdleDeadline) => {
		while (ev <= to && idle.timeRemaining() > LEAST_LEFT_MS) {
			answer(ev, camera);
			camera += 1;
			if (camera < cameras()) continue;
			camera = 0;
			ev += STEP_EV;
		}
		if (ev <= to) asked = requestIdleCallback(go);
	};
	let asked = 0;
	const stopWaiting = () => {
		clearTimeout(timer);
		for (const sign of SIGNS) removeEventListener(sign, begin);
	};
	const begin = () => {
		stopWaiting();
		asked = requestIdleCallback(go);
	};
	const timer = setTimeout(begin, FIRST_MS);
	for (const sign of SIGNS) addEventListener(sign, begin, { passive: true });
	return () => {
		stopWaiting();
		cancelIdleCallback(asked);
	};
}
