import { browser } from '$app/environment';

const PREFIX = 'just-enough-aid-';

/** What was last typed into an aid; it outlives the page. */
export class Remembered<T extends object> {
	#key: string;
	value = $state() as T;

	constructor(name: string, initial: T) {
		this.#key = PREFIX + name;
		this.value = { ...initial, ...this.#stored() };
	}

	#stored(): Partial<T> {
		if (!browser) return {};
		try {
			return JSON.parse(localStorage.getItem(this.#key) ?? '{}') as Partial<T>;
		} catch {
			return {};
		}
	}

	set(changes: Partial<T>): void {
		this.value = { ...this.value, ...changes };
		localStorage.setItem(this.#key, JSON.stringify(this.value));
	}
}
