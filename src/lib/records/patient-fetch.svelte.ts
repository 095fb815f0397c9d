/** What views show is asked for below this address. */
const VIEWS = '/api/views/';
/** Until it is asked again, ms; longer each time. */
const [SOON, LATE] = [1000, 15_000];

/** Whether the server does not answer at the moment. */
class Reach {
	away = $state(false);
	#tell: () => void = () => {};
	#untilAway = this.#promised();

	#promised(): Promise<void> {
		return new Promise((resolve) => (this.#tell = resolve));
	}

	/** Ends as soon as the server is known to be away. */
	get untilAway(): Promise<void> {
		return this.#untilAway;
	}

	set(away: boolean): void {
		if (away) this.#tell();
		else if (this.away) this.#untilAway = this.#promised();
		this.away = away;
	}
}

export const server = new Reach();

const nextTry = (ms: number) =>
	new Promise<void>((resolve) => {
		const go = () => {
			clearTimeout(timer);
			removeEventListener('online', go);
			resolve();
		};
		const timer = setTimeout(go, ms);
		addEventListener('online', go);
	});

const addressOf = (input: RequestInfo | URL) =>
	new URL(input instanceof Request ? input.url : String(input), location.href);

/**
 * A fetch that waits for the server where the records of a page are asked for: without it, a view that is
 * opened or refreshed while there is no network would be replaced by the browser's own error page. All other
 * requests fail at once, as they always do.
 */
export function patientFetch(fetch: typeof window.fetch): typeof window.fetch {
	return async (input, init) => {
		const address = addressOf(input);
		if (address.origin !== location.origin || !address.pathname.startsWith(VIEWS)) return fetch(input, init);
		for (let pause = SOON; ; pause = Math.min(LATE, pause * 2)) {
			try {
				const response = await fetch(input, init);
				server.set(false);
				return response;
			} catch (error) {
				if (init?.signal?.aborted) throw error;
				server.set(true);
				await nextTry(pause);
			}
		}
	};
}
