import { doorHandlers } from '$server/api/door';

export const { GET, fallback } = doorHandlers;
