import { error } from '@sveltejs/kit';
import { store } from '$server/store';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = ({ params }) => {
	if (params.id === 'new') return { camera: null };
	return { camera: store().cameras.get(params.id) ?? error(404, 'There is no such camera') };
};
