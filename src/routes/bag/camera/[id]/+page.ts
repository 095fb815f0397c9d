import { viewOf } from '$lib/records/view';
import type { PageLoad } from './$types';

export const load: PageLoad = ({ fetch, params, url }) =>
	viewOf(fetch, 'camera', { ...Object.fromEntries(url.searchParams), id: params.id });
