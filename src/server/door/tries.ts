/** So many wrong tries in a minute are anybody's. */
const FREE = 5;
const MINUTE_MS = 60_000;
/** After those each waits twice as long as the one before, up to a minute. */
const FIRST_WAIT_MS = 2000;
/** More addresses than these are not remembered: the oldest are forgotten first. */
const MOST = 10_000;

interface Tried {
	wrong: number;
	last: number;
	/** Not before then, ms. */
	until: number;
}

/**
 * Slows down who guesses, by the address that the guesses come from: five wrong tries a minute, then one after 2 s,
 * after 4 s, and so on up to one a minute. Others, and whoever is in already, do not notice.
 */
export class Tries {
	#tried = new Map<string, Tried>();
	#now: () => number;

	constructor(now: () => number = Date.now) {
		this.#now = now;
	}

	/** How long an address has to wait before it is listened to, whole seconds; 0 where it has not to. */
	wait(from: string): number {
		const tried = this.#tried.get(from);
		return tried ? Math.max(0, Math.ceil((tried.until - this.#now()) / 1000)) : 0;
	}

	/** A wrong try. */
	wrong(from: string): void {
		const now = this.#now();
		const known = this.#tried.get(from);
		// Whoever was quiet for a minute begins anew; who had to wait is quiet only after that.
		const rested = !known || now - Math.max(known.last, known.until) >= MINUTE_MS;
		const wrong = rested ? 1 : known.wrong + 1;
		const wait = wrong < FREE ? 0 : Math.min(MINUTE_MS, FIRST_WAIT_MS * 2 ** (wrong - FREE));
		this.#tried.delete(from);
		this.#tried.set(from, { wrong, last: now, until: now + wait });
		if (this.#tried.size > MOST) this.#tried.delete(this.#tried.keys().next().value!);
	}

	/** A right one: what was wrong before is forgotten. */
	right(from: string): void {
		this.#tried.delete(from);
	}
}
