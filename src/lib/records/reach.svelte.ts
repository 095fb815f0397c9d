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

/** Ends after a while, or as soon as there is a network again, or somebody looks at the page again. */
export const nextTry = (ms: number): Promise<void> =>
	new Promise((resolve) => {
		const seen = () => document.visibilityState === 'visible' && go();
		const go = () => {
			clearTimeout(timer);
			removeEventListener('online', go);
			document.removeEventListener('visibilitychange', seen);
			resolve();
		};
		const timer = setTimeout(go, ms);
		addEventListener('online', go);
		document.addEventListener('visibilitychange', seen);
	});

/** Until it is tried again, ms; longer each time. */
export const SOON = 1000;
const LATE = 15_000;
export const later = (pause: number): number => Math.min(LATE, pause * 2);
