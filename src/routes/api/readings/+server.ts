import { collectionHandlers } from '$server/api/collection';
import { readings } from '$server/api/collections';

export const { GET, POST, fallback } = collectionHandlers(readings);
