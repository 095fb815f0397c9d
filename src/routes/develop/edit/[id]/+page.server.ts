import { error } from '@sveltejs/kit';
import { store } from '$server/store';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = ({ params, url }) => {
	const { recipes } = store();
	const from = recipes.get(url.searchParams.get('from') ?? '') ?? null;
	if (params.id === 'new') return { recipe: null, from };
	return { recipe: recipes.get(params.id) ?? error(404, 'There is no such recipe'), from: null };
};
