import { honesty } from '$server/learnt';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = ({ url }) => honesty(url.searchParams);
