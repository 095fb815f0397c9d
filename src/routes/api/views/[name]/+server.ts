import { viewHandlers } from '$server/views/answer';

export const { GET, fallback } = viewHandlers;
