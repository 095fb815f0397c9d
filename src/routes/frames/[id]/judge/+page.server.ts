import { error } from '@sveltejs/kit';
import { frameView } from '$server/frames-view';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = ({ params }) =>
	frameView(params.id) ?? error(404, 'There is no such frame');
