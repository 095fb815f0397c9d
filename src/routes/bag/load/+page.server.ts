import { bagRecords } from '$server/bag-records';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = ({ url }) => ({
	records: bagRecords(),
	cameraId: url.searchParams.get('camera'),
	filmId: url.searchParams.get('film')
});
