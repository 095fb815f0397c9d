import { onlyAllow } from '$server/api/answers';
import { cardFile } from '$server/cards/card-file';

export const GET = cardFile;

export const fallback = onlyAllow('GET');
