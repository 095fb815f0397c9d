/** Where a browser does not tell when it is idle, ms. */
const SOON_MS = 200;
/** That late at the latest, ms. */
const LATEST_MS = 2000;

/**
 * Does something once the page has nothing more urgent to do.
 *
 * @returns leaves it undone, where it was not done yet
 */
export function whenIdle(run: () => void): () => void {
	if (typeof requestIdleCallback === 'undefined') {
		const timer = setTimeout(run, SOON_MS);
		return () => clearTimeout(timer);
	}
	const asked = requestIdleCallback(run, { timeout: LATEST_MS });
	return () => cancelIdleCallback(asked);
}
