import { lessons } from '$server/learnt';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = () => lessons();
