import { developing } from '$server/developing';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = () => ({ recipes: developing().recipes });
