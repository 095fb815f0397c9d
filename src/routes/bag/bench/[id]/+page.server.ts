import { error } from '@sveltejs/kit';
import { store } from '$server/store';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = ({ params }) => ({
	camera: store().cameras.get(params.id) ?? error(404, 'There is no such camera'),
	measurements: store()
		.measurements.where('camera_id', params.id)
		.toSorted((a, b) => b.takenAt.localeCompare(a.takenAt))
});
