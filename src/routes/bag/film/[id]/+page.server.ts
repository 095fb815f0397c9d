import { error } from '@sveltejs/kit';
import { store } from '$server/store';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = ({ params, url }) => {
	const camera = store().cameras.get(url.searchParams.get('camera') ?? '') ?? null;
	if (params.id === 'new') return { film: null, camera };
	return { camera, film: store().films.get(params.id) ?? error(404, 'There is no such film') };
};
