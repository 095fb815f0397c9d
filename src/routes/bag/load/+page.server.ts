import { bagRecords } from '$server/bag-records';
import { everything } from '$server/everything';
import { store } from '$server/store';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = ({ url }) => ({
	records: bagRecords(),
	recipes: everything(store().recipes),
	cameraId: url.searchParams.get('camera'),
	filmId: url.searchParams.get('film')
});
