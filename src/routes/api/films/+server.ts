import { collectionHandlers } from '$server/api/collection';
import { films } from '$server/api/collections';

export const { GET, POST, fallback } = collectionHandlers(films);
