/** What the server says to who has not signed in, or was signed out. */
export const NOT_IN = 401;
const SIGN_IN = '/sign-in';

/** Whether the server isn’t answering at the moment, or not to this device. */
class Reach {
	away = $state(false);
	/** It answers, but this device is not in. */
	stranger = $state(false);
	#tell: () => void = () => {};
	#untilAway = this.#promised();

	#promised(): Promise<void> {
		return new Promise((resolve) => (this.#tell = resolve));
	}

	/** Ends as soon as the server is known to be away. */
	get untilAway(): Promise<void> {
		return this.#untilAway;
	}

	set(away: boolean, stranger = false): void {
		this.stranger = stranger;
		if (away) this.#tell();
		else if (this.away) this.#untilAway = this.#promised();
		this.away = away;
	}
}

export const server = new Reach();

/** Whether an answer says that this device is not in: then that is known everywhere. */
export function isTurnedAway({ status }: Response): boolean {
	const stranger = status === NOT_IN;
	if (stranger) server.set(false, true);
	return stranger;
}

/** Where one signs in, to come back to a page after it. */
export const signInFor = ({ pathname, search }: Pick<URL, 'pathname' | 'search'>): string =>
	`${SIGN_IN}?to=${encodeURIComponent(pathname + search)}`;

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
