import { localeOf } from '$lib/parts/moment';
import type { LayoutServerLoad } from './$types';

export const load: LayoutServerLoad = ({ locals, request }) => ({
	display: locals.display,
	locale: localeOf(request.headers.get('accept-language'))
});
