import { developing } from '$server/developing';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = () => {
	const { recipes, loads } = developing();
	return { recipes, loads };
};
