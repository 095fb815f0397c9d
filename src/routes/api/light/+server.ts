import type { Light } from '$core/light';
import { answerLight } from '$core/light';
import { lightSchema } from '$contract/light';
import { check } from '$contract/validate';
import { onlyAllow } from '$server/api/answers';
import { answered } from '$server/api/asked';

export const POST = answered((body) => check<Light>(lightSchema, body), answerLight);

export const fallback = onlyAllow('POST');
