import { recordHandlers } from '$server/api/collection';
import { frames } from '$server/api/collections';

export const { GET, PUT, DELETE, fallback } = recordHandlers(frames);
