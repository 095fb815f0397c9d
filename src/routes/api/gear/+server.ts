import { collectionHandlers } from '$server/api/collection';
import { gear } from '$server/api/collections';

export const { GET, POST, fallback } = collectionHandlers(gear);
