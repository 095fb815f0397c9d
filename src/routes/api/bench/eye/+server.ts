import { onlyAllow } from '$server/api/answers';
import { answered } from '$server/api/asked';

export const POST = answered('eye');

export const fallback = onlyAllow('POST');
