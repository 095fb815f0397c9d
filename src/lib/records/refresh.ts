// eslint-disable-next-line no-restricted-imports -- the one place
import { invalidateAll } from '$app/navigation';
import { navigating } from '$app/state';
import { server } from './reach.svelte';

/** What is asked for and has not come, because the server is away: it comes once it answers. */
let awaited: Promise<void> | null = null;

async function asked(): Promise<void> {
	await navigating.complete?.catch(() => {});
	await invalidateAll();
}

/**
 * Asks for the page's records again; after the way to another page, which would be given up for it.
 *
 * @returns ends when they have come, which may be long where the server isn’t answering
 */
export function refreshed(): Promise<void> {
	if (awaited && server.away) return awaited;
	const coming = asked().finally(() => {
		if (awaited === coming) awaited = null;
	});
	awaited = coming;
	return coming;
}

/** Asks for the page's records again, and does not wait for a server that does not answer. */
export function refresh(): Promise<void> {
	return Promise.race([refreshed(), server.untilAway]);
}
