import { json } from '@sveltejs/kit';
import { openapi } from '$contract/openapi/document';
import { onlyAllow } from '$server/api/answers';

export const GET = () => json(openapi);

export const fallback = onlyAllow('GET');
