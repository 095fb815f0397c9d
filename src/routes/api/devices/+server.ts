import { deviceHandlers } from '$server/api/door';

export const { GET, fallback } = deviceHandlers;
