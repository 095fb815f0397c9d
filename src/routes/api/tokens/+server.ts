import { tokenHandlers } from '$server/api/door';

export const { GET, POST, fallback } = tokenHandlers;
