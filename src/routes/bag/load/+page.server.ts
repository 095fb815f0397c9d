import { plainRecords } from '$server/bag-records';
import { everything } from '$server/everything';
import { store } from '$server/store';
import type { PageServerLoad } from './$types';

/** The films that each camera took, the last one first. */
function filmsTaken(): Record<string, string[]> {
	const took: Record<string, string[]> = {};
	for (const { camera, film } of store().loadSearch.taken()) (took[camera] ??= []).push(film);
	return took;
}

export const load: PageServerLoad = async ({ url }) => ({
	records: plainRecords(),
	recipes: everything(store().recipes),
	took: filmsTaken(),
	lastNumber: store().loadSearch.lastNumber(),
	cameraId: url.searchParams.get('camera'),
	filmId: url.searchParams.get('film')
});
