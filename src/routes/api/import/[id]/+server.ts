import { waitingHandlers } from '$server/api/archive';

export const { POST, DELETE, fallback } = waitingHandlers;
