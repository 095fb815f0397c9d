import { checkPlanRequest } from '$contract/plan';
import { planDay } from '$core/plan';
import { onlyAllow } from '$server/api/answers';
import { answered } from '$server/api/asked';

export const POST = answered(checkPlanRequest, planDay);

export const fallback = onlyAllow('POST');
