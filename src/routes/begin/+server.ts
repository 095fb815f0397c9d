import { beginHandlers } from '$server/door/page-handlers';

export const { GET, POST, fallback } = beginHandlers;
