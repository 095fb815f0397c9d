import { progress } from '$server/practice';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = () => progress();
