import { error } from '@sveltejs/kit';
import { store } from '$server/store';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = ({ params, url }) => {
	const cameraId = url.searchParams.get('camera');
	if (params.id === 'new') return { film: null, cameraId };
	return { cameraId, film: store().films.get(params.id) ?? error(404, 'There is no such film') };
};
