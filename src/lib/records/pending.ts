import type { Records } from '$contract/records';
import type { Kind } from './api';
import { space } from './whose';

/** A new record that the server has not acknowledged yet. */
export type Waiting = {
	[K in Kind]: {
		kind: K;
		id: string;
		record: Records[K];
		/** When it was made, ms. */
		at: number;
		/** As it was before it was changed here: it may have arrived so. */
		before?: Records[K];
		/** Why the server would not have it, where it said so. */
		problem?: string;
	};
}[Kind];

/** What of the browser's storage is used: it may be full, or refused. */
export type Shelf = Pick<Storage, 'getItem' | 'setItem' | 'removeItem' | 'key' | 'length'>;

export const PREFIX = `just-enough-waiting${space}:`;
/** Where all of them stood together, before each had a place of its own. */
const BEFORE = `just-enough-outbox${space}`;

/**
 * What waits to be sent: one place in the storage for each record, so that tabs that write at once never
 * write over each other. The storage is the truth; only what it refused is held in this page alone.
 */
export class Pending {
	#shelf: Shelf | null;
	/** Held by this page alone, because the storage refused it. */
	#unkept = new Map<string, Waiting>();

	constructor(shelf: Shelf | null) {
		this.#shelf = shelf;
		this.#takeOver();
	}

	/** Everything that waits, oldest first. */
	all(): Waiting[] {
		const kept = this.#keys().flatMap((key) => this.#read(key) ?? []);
		return [...kept, ...this.#unkept.values()].sort((a, b) => a.at - b.at || (a.id < b.id ? -1 : 1));
	}

	/** Whether a record still waits: another tab may have sent it, or taken it back. */
	has(id: string): boolean {
		return this.#unkept.has(id) || this.#read(PREFIX + id) !== null;
	}

	put(item: Waiting): void {
		this.#unkept.delete(item.id);
		if (!this.#write(PREFIX + item.id, item)) this.#unkept.set(item.id, item);
	}

	drop(id: string): void {
		this.#unkept.delete(id);
		try {
			this.#shelf?.removeItem(PREFIX + id);
		} catch {
			// What cannot be taken out is sent again, which does no harm.
		}
	}

	/** Whether everything outlives this page. */
	get outlivesThePage(): boolean {
		return this.#unkept.size === 0;
	}

	#keys(): string[] {
		try {
			const shelf = this.#shelf;
			if (!shelf) return [];
			const keys = Array.from({ length: shelf.length }, (_, at) => shelf.key(at) ?? '');
			return keys.filter((key) => key.startsWith(PREFIX));
		} catch {
			return [];
		}
	}

	#read(key: string): Waiting | null {
		try {
			return JSON.parse(this.#shelf?.getItem(key) ?? 'null') as Waiting | null;
		} catch {
			return null;
		}
	}

	#write(key: string, item: Waiting): boolean {
		try {
			if (!this.#shelf) return false;
			this.#shelf.setItem(key, JSON.stringify(item));
			return true;
		} catch {
			return false;
		}
	}

	/** Takes over what an older version of the program had left here. */
	#takeOver(): void {
		try {
			const before = JSON.parse(this.#shelf?.getItem(BEFORE) ?? '[]') as Omit<Waiting, 'at'>[];
			for (const [at, item] of before.entries()) this.put({ ...item, at } as Waiting);
			this.#shelf?.removeItem(BEFORE);
		} catch {
			// Nothing that can be read was left.
		}
	}
}
