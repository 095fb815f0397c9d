import { onlyAllow } from '$server/api/answers';
import { guarded } from '$server/api/guarded';
import { townsToCarry } from '$server/places/search';

export const GET = guarded(
	async () =>
		new Response(await townsToCarry(), {
			headers: { 'content-type': 'application/json', 'cache-control': 'private, max-age=86400' }
		})
);

export const fallback = onlyAllow('GET');
