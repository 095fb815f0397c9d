import { json } from '@sveltejs/kit';
import { onlyAllow } from '$server/api/answers';
import { shutterIn } from '$server/bench';
import type { RequestHandler } from './$types';

export const POST: RequestHandler = async ({ request, url }) => {
	const found = await shutterIn(request, url.searchParams);
	return 'answer' in found ? found.answer : json(found.measured);
};

export const fallback = onlyAllow('POST');
