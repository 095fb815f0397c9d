import { bagRecords } from '$server/bag-records';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = async () => ({ records: await bagRecords() });
