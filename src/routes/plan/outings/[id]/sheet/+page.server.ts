import { error } from '@sveltejs/kit';
import { bagRecords } from '$server/bag-records';
import { store } from '$server/store';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ params }) => {
	const outing = store().outings.get(params.id) ?? error(404, 'There is no such outing');
	return { outing, records: await bagRecords() };
};
