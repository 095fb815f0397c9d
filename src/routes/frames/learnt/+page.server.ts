import { flashLessons } from '$server/flash-lessons';
import { lessons } from '$server/learnt';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = async () => ({ ...(await lessons()), flashes: flashLessons() });
