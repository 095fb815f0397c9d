import { fNumberOf } from '$core/bench';
import { checkOpening } from '$contract/bench';
import { onlyAllow } from '$server/api/answers';
import { answered } from '$server/api/asked';

export const POST = answered(checkOpening, ({ focalLength, opening, rulerSd, focalSd }) =>
	fNumberOf(focalLength, opening, rulerSd, focalSd)
);

export const fallback = onlyAllow('POST');
