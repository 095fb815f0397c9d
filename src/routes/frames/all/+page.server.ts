import { inThread } from '$server/heavy/pool';
import { dataFolder } from '$server/store';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = ({ url }) => inThread('framesAsked', dataFolder(), url.search);
