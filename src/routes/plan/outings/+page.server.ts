import { allOutings } from '$server/bag-records';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = () => ({ outings: allOutings() });
