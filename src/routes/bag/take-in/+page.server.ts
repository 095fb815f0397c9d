import { everything } from '$server/everything';
import { store } from '$server/store';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = () => ({ cameras: everything(store().cameras) });
