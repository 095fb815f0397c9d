import { checkYearRequest } from '$contract/plan';
import { planYear } from '$core/plan';
import { onlyAllow } from '$server/api/answers';
import { answered } from '$server/api/asked';

export const POST = answered(checkYearRequest, planYear);

export const fallback = onlyAllow('POST');
