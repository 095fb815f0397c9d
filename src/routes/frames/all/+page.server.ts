import { allFrames } from '$server/all-frames';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = ({ url }) => allFrames(url.searchParams);
