import { importHandlers } from '$server/api/archive';

export const { POST, fallback } = importHandlers;
