import { everything } from '$server/everything';
import { store } from '$server/store';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = () => {
	const { cameras, films, places } = store();
	return { bag: { cameras: everything(cameras), films: everything(films), places: everything(places) } };
};
