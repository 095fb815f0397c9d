import { onlyAllow } from '$server/api/answers';
import { cardFile } from '$server/cards/card-file';
import type { RequestHandler } from './$types';

export const GET: RequestHandler = ({ params, url }) =>
	cardFile(params.cameraId, params.file, url.searchParams);

export const fallback = onlyAllow('GET');
