import { error } from '@sveltejs/kit';
import { trackView } from '$server/frames-view';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = ({ params }) =>
	trackView(params.id) ?? error(404, 'There is no such load');
