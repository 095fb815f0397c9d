import { backupsTold } from '$server/api/backups';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = () => ({ backups: backupsTold() });
