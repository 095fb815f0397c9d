import { pairHandlers } from '$server/door/page-handlers';

export const { GET, POST, fallback } = pairHandlers;
