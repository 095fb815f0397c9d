import { framesView } from '$server/frames-view';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = ({ url }) => framesView(url.searchParams.get('load'));
