import { signInHandlers } from '$server/door/page-handlers';

export const { GET, POST, fallback } = signInHandlers;
