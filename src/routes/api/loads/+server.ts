import { collectionHandlers } from '$server/api/collection';
import { loads } from '$server/api/collections';

export const { GET, POST, fallback } = collectionHandlers(loads);
