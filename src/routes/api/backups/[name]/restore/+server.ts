import { restoreHandlers } from '$server/api/backups';

export const { POST, fallback } = restoreHandlers;
