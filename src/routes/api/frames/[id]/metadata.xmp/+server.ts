import { besideHandlers } from '$server/api/scans';

export const { GET, fallback } = besideHandlers;
