import { error } from '@sveltejs/kit';
import { bagRecords } from '$server/bag-records';
import { filmAsLoaded } from '$server/cards/as-loaded';
import { store } from '$server/store';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ params }) => ({
	camera: store().cameras.get(params.cameraId) ?? error(404, 'There is no such camera'),
	film: filmAsLoaded(params.cameraId, params.filmId) ?? error(404, 'There is no such film'),
	records: await bagRecords()
});
