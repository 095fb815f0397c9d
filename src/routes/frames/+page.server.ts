import { error } from '@sveltejs/kit';
import { framesView } from '$server/frames-view';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = ({ url }) =>
	framesView(url.searchParams.get('load'), url.searchParams.get('after')) ??
	error(404, 'There is no such load');
