import { collectionHandlers } from '$server/api/collection';
import { recipes } from '$server/api/collections';

export const { GET, POST, fallback } = collectionHandlers(recipes);
