import { checkReachRequest } from '$contract/match-request';
import { reach } from '$core/match';
import { namedLanes } from '$core/words';
import { onlyAllow } from '$server/api/answers';
import { answered } from '$server/api/asked';

export const POST = answered(checkReachRequest, ({ camera, film, filters, meterDifference }) => {
	const { good, usable, lanes } = reach(camera, film, { filters, meterDifference });
	return { good, usable, lanes: namedLanes(camera, lanes) };
});

export const fallback = onlyAllow('POST');
