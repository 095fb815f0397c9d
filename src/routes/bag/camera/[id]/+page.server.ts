import { error } from '@sveltejs/kit';
import { store } from '$server/store';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = ({ params, url }) => {
	const kindId = url.searchParams.get('kind');
	const { cameras, gear, pictures } = store();
	const flashes = gear.where('kind', 'flash').map(({ id, name }) => ({ id, name }));
	if (params.id === 'new') return { camera: null, flashes, pictures: [], kindId };
	const camera = cameras.get(params.id) ?? error(404, 'There is no such camera');
	return { camera, flashes, kindId, pictures: pictures.of('camera', camera.id) };
};
