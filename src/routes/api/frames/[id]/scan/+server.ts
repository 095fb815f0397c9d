import { scanHandlers } from '$server/api/scans';

export const { POST, fallback } = scanHandlers;
