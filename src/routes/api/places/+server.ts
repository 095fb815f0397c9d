import { collectionHandlers } from '$server/api/collection';
import { places } from '$server/api/collections';

export const { GET, POST, fallback } = collectionHandlers(places);
