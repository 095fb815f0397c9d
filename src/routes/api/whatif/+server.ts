import { checkWhatIf } from '$contract/what-if';
import { onlyAllow } from '$server/api/answers';
import { askedOfFrames } from '$server/api/asked-of-frames';
import { missingOf, whatIf } from '$server/what-if';

export const POST = askedOfFrames({ check: checkWhatIf, missing: missingOf, answer: whatIf });

export const fallback = onlyAllow('POST');
