import { browser } from '$app/environment';

/**
 * What the browser keeps, in its own storage. That may be full, or refused: what could not be kept is said
 * to whoever asks, and never stops what is being done.
 */

export function keptHere<T>(key: string, otherwise: T): T {
	if (!browser) return otherwise;
	try {
		return (JSON.parse(localStorage.getItem(key) ?? 'null') as T | null) ?? otherwise;
	} catch {
		return otherwise;
	}
}

/** Keeps a value, or forgets it where there is none; false where the browser would not. */
export function keepHere(key: string, value: unknown): boolean {
	if (!browser) return false;
	try {
		if (value === null || value === undefined) localStorage.removeItem(key);
		else localStorage.setItem(key, JSON.stringify(value));
		return true;
	} catch {
		return false;
	}
}
