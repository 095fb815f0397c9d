import { localeOf } from '$core/words';
import { safekeeping } from '$server/store';
import type { LayoutServerLoad } from './$types';

export const load: LayoutServerLoad = ({ locals, request }) => ({
	display: locals.display,
	backupFailed: safekeeping().failed()?.why ?? null,
	locale: localeOf(request.headers.get('accept-language'))
});
