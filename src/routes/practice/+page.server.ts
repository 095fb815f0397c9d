import { practising } from '$server/practice';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = () => practising();
