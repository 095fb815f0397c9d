import { collectionHandlers } from '$server/api/collection';
import { settings } from '$server/api/collections';

export const { GET, POST, fallback } = collectionHandlers(settings);
