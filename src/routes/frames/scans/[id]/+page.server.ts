import { error } from '@sveltejs/kit';
import { scansView } from '$server/frames-view';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = ({ params }) =>
	scansView(params.id) ?? error(404, 'There is no such load');
