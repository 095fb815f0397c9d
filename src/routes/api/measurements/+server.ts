import { collectionHandlers } from '$server/api/collection';
import { measurements } from '$server/api/collections';

export const { GET, POST, fallback } = collectionHandlers(measurements);
