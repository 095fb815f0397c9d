import { onlyAllow } from '$server/api/answers';
import { shutterHandler } from '$server/bench';

export const POST = shutterHandler;

export const fallback = onlyAllow('POST');
