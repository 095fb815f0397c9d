import { browser } from '$app/environment';
import { findTowns, keyed, type KeyedTown, type Town } from '$core/places';
import { PATIENCE_MS, SERVER_IN_TROUBLE } from './api';
import { TOWNS } from './shelves';

/** Towns by name: the server knows all, a browser carries the larger ones. */

const ADDRESS = '/api/places/towns.json';

const shelf = () => (browser && 'caches' in globalThis ? caches.open(TOWNS) : null);

/** Fetches the list, once. */
export async function carryTowns(): Promise<void> {
	const cache = await shelf();
	if (!cache || (await cache.match(ADDRESS))) return;
	await cache.add(ADDRESS);
}

let opened: Promise<KeyedTown[] | null> | null = null;

async function readTowns(): Promise<KeyedTown[] | null> {
	const answer = await (await shelf())?.match(ADDRESS);
	if (!answer) return null;
	const { towns } = (await answer.json()) as { towns: [string, number, number][] };
	return keyed(towns.map(([name, latitude, longitude]) => ({ name, latitude, longitude })));
}

async function searchHere(name: string): Promise<Found | null> {
	const towns = await (opened ??= readTowns()).catch(() => null);
	if (!towns) opened = null;
	return towns && { towns: findTowns(towns, name), all: false };
}

export interface Found {
	towns: Town[];
	/** Whether all towns were looked through, or the larger ones alone. */
	all: boolean;
}

/**
 * Towns whose names begin with a text.
 *
 * @returns null when the server isn’t answering, and no list is here
 */
export async function searchTowns(name: string): Promise<Found | null> {
	try {
		const response = await fetch(`/api/places/search?name=${encodeURIComponent(name)}`, {
			signal: AbortSignal.timeout(PATIENCE_MS)
		});
		if (response.status >= SERVER_IN_TROUBLE) return await searchHere(name);
		return { towns: response.ok ? ((await response.json()).items as Town[]) : [], all: true };
	} catch {
		return searchHere(name);
	}
}
