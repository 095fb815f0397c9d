import { exportHandlers } from '$server/api/archive';

export const { GET, fallback } = exportHandlers;
