import { collectionHandlers } from '$server/api/collection';
import { outings } from '$server/api/collections';

export const { GET, POST, fallback } = collectionHandlers(outings);
