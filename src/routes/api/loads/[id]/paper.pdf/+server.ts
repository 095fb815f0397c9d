import { onlyAllow } from '$server/api/answers';
import { paperFile } from '$server/paper/file';

export const GET = paperFile;
export const fallback = onlyAllow('GET');
