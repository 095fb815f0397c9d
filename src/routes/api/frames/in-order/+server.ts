import { framesInOrderHandlers } from '$server/api/frames-in-order';

export const { POST, fallback } = framesInOrderHandlers;
