import { error } from '@sveltejs/kit';
import { store } from '$server/store';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = ({ params }) => {
	if (params.id === 'new') return { recipe: null };
	return { recipe: store().recipes.get(params.id) ?? error(404, 'There is no such recipe') };
};
