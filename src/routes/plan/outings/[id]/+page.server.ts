import { error } from '@sveltejs/kit';
import { packingRecords } from '$server/bag-records';
import { store } from '$server/store';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ params }) => {
	const records = await packingRecords();
	if (params.id === 'new') return { outing: null, records };
	const outing = store().outings.get(params.id) ?? error(404, 'There is no such outing');
	return { outing, records };
};
