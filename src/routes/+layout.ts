import { measureBy } from '$core/units';
import { localeOf } from '$words';
import { ownSettings } from '$lib/records/own-settings.svelte';
import { viewOf } from '$lib/records/view';
import type { LayoutLoad } from './$types';

// All that is said is said in what this reader measures in.
measureBy(() => ownSettings.measures);

/** Views are put together in the browser: they are the same with and without a server. */
export const ssr = false;

export const load: LayoutLoad = ({ fetch }) => ({
	locale: localeOf(navigator.languages.join(',')),
	// No view waits for it; what cannot be told of the server leaves every view as it is.
	around: viewOf(fetch, 'around').catch(() => null)
});
