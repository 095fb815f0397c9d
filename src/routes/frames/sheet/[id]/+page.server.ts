import { error } from '@sveltejs/kit';
import { sheetView } from '$server/frames-view';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = ({ params }) =>
	sheetView(params.id) ?? error(404, 'There is no such load');
