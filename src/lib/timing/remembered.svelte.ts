import { keepHere, keptHere } from '$lib/records/kept-here';

const PREFIX = 'just-enough-aid-';

/** What was last typed into an aid; it outlives the page. */
export class Remembered<T extends object> {
	#key: string;
	value = $state() as T;

	constructor(name: string, initial: T) {
		this.#key = PREFIX + name;
		this.value = { ...initial, ...keptHere<Partial<T>>(this.#key, {}) };
	}

	set(changes: Partial<T>): void {
		this.value = { ...this.value, ...changes };
		keepHere(this.#key, this.value);
	}
}
