import { collectionHandlers } from '$server/api/collection';
import { exercises } from '$server/api/collections';

export const { GET, POST, fallback } = collectionHandlers(exercises);
