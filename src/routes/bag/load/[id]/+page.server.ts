import { error } from '@sveltejs/kit';
import { everything } from '$server/everything';
import { store } from '$server/store';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = ({ params }) => {
	const { loads, cameras, films, frames } = store();
	const load = loads.get(params.id) ?? error(404, 'There is no such load');
	return {
		load,
		camera: cameras.get(load.cameraId)!,
		films: everything(films),
		frames: frames.where('load_id', load.id)
	};
};
