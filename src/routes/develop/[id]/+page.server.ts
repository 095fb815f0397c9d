import { error } from '@sveltejs/kit';
import { isPack } from '$core/develop';
import { waiting } from '$server/developing';
import { store } from '$server/store';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = ({ params }) => {
	const recipe = store().recipes.get(params.id) ?? error(404, 'There is no such recipe');
	return { recipe, loads: waiting(!isPack(recipe.kind)) };
};
