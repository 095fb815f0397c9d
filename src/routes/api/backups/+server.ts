import { backupHandlers } from '$server/api/backups';

export const { GET, POST, fallback } = backupHandlers;
