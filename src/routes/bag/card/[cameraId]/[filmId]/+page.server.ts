import { error } from '@sveltejs/kit';
import { plainRecords } from '$server/bag-records';
import { asUsed } from '$server/cards/as-loaded';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ params }) => {
	const { camera, film } = await asUsed(params.cameraId, params.filmId);
	return {
		camera: camera ?? error(404, 'There is no such camera'),
		film: film ?? error(404, 'There is no such film'),
		records: plainRecords()
	};
};
