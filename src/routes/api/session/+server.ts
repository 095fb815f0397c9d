import { sessionHandlers } from '$server/api/door';

export const { POST, DELETE, fallback } = sessionHandlers;
