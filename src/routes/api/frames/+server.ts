import { collectionHandlers } from '$server/api/collection';
import { frames } from '$server/api/collections';

export const { GET, POST, fallback } = collectionHandlers(frames);
