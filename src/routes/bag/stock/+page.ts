import { viewOf } from '$lib/records/view';
import type { PageLoad } from './$types';

export const load: PageLoad = ({ fetch }) => viewOf(fetch, 'stock');
