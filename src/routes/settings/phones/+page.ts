import { doorTold } from '$lib/records/door';
import type { PageLoad } from './$types';

export const load: PageLoad = async ({ fetch }) => ({ door: await doorTold(fetch) });
