import { onePersonHandlers } from '$server/api/people';

export const { PUT, DELETE, fallback } = onePersonHandlers;
