import { error } from '@sveltejs/kit';
import { bodyOf } from '$server/learnt';
import { store } from '$server/store';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ params }) => {
	const { cameras, measurements } = store();
	const camera = cameras.get(params.id.toLowerCase()) ?? error(404, 'There is no such camera');
	return {
		camera,
		measurements: measurements.where('camera_id', camera.id).length,
		body: await bodyOf(camera)
	};
};
