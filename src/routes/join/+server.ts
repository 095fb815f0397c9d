import { joinHandlers } from '$server/door/page-handlers';

export const { GET, POST, fallback } = joinHandlers;
