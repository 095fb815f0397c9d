import { checkCompare } from '$contract/compare';
import { onlyAllow } from '$server/api/answers';
import { askedOfFrames } from '$server/api/asked-of-frames';
import { compared, missingOfCompare } from '$server/compare';

export const POST = askedOfFrames({ check: checkCompare, missing: missingOfCompare, answer: compared });

export const fallback = onlyAllow('POST');
