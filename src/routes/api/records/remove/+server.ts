import { togetherHandlers } from '$server/api/together';

export const { POST, fallback } = togetherHandlers;
