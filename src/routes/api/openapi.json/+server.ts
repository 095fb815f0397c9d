import { json } from '@sveltejs/kit';
import { openapi } from '$contract/openapi/document';
import { onlyAllow } from '$server/api/answers';
import { guarded } from '$server/api/guarded';

export const GET = guarded(() => json(openapi));

export const fallback = onlyAllow('GET');
