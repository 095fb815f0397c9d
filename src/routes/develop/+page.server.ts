import { developing } from '$server/developing';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = () => {
	const { recipes, done } = developing();
	return { recipes, done };
};
