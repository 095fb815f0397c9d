import type { ViewName } from '$views/views';

/** What a page asks for first, where it asks for nothing further: by its path. */
const FIRST: Readonly<Record<string, ViewName>> = {
	'/': 'shoot',
	'/plan': 'plan',
	'/plan/year': 'plan',
	'/bag': 'bag',
	'/frames': 'frames',
	'/frames/all': 'all-frames',
	'/develop': 'develop',
	'/practice': 'practice',
	'/settings': 'settings'
};

const asEarly = (view: ViewName) =>
	`<link rel="preload" as="fetch" crossorigin="anonymous" href="/api/views/${view}" />`;

/**
 * Has a browser ask for what a page will show while the program itself is still on its way.
 *
 * @returns for the page's head; nothing for a page that asks for something of its own
 */
export function askedEarly(address: URL): string {
	const view = FIRST[address.pathname];
	return view && address.search === '' ? asEarly('around') + asEarly(view) : '';
}
