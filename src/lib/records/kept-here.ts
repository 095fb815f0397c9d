import { browser } from '$app/environment';
import { space } from './whose';

/**
 * What the browser keeps, in its own storage. That may be full, or refused: what could not be kept is said
 * to whoever asks, and never stops what is being done.
 */

export function keptHere<T>(key: string, otherwise: T): T {
	if (!browser) return otherwise;
	try {
		return (JSON.parse(localStorage.getItem(key + space) ?? 'null') as T | null) ?? otherwise;
	} catch {
		return otherwise;
	}
}

/** Keeps a value, or forgets it where there is none; false where the browser would not. */
export function keepHere(key: string, value: unknown): boolean {
	if (!browser) return false;
	try {
		if (value === null || value === undefined) localStorage.removeItem(key + space);
		else localStorage.setItem(key + space, JSON.stringify(value));
		return true;
	} catch {
		return false;
	}
}
