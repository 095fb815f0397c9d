import { scansTable } from '$server/api/scans';

export const { POST, fallback } = scansTable;
