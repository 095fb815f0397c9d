import { checkMatchRequest } from '$contract/match-request';
import { match } from '$core/match';
import { onlyAllow } from '$server/api/answers';
import { answered } from '$server/api/asked';

export const POST = answered(checkMatchRequest, ({ camera, film, light, bag, intent }) =>
	match(camera, film, light, bag, intent)
);

export const fallback = onlyAllow('POST');
