import { oneTokenHandlers } from '$server/api/door';

export const { DELETE, fallback } = oneTokenHandlers;
