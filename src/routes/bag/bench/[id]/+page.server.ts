import { error } from '@sveltejs/kit';
import { store } from '$server/store';
import { filmsFor } from '$server/films-for';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = ({ params }) => {
	const camera = store().cameras.get(params.id) ?? error(404, 'There is no such camera');
	return {
		camera,
		films: filmsFor(camera),
		measurements: store()
			.measurements.where('camera_id', params.id)
			.toSorted((a, b) => b.takenAt.localeCompare(a.takenAt))
	};
};
