// eslint-disable-next-line no-restricted-imports -- the one place
import { invalidateAll } from '$app/navigation';
import { navigating } from '$app/state';

/** Asks for the page's records again; after the way to another page, which would be given up for it. */
export async function refresh(): Promise<void> {
	await navigating.complete?.catch(() => {});
	await invalidateAll();
}
