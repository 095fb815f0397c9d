import { collectionHandlers } from '$server/api/collection';
import { cameras } from '$server/api/collections';

export const { GET, POST, fallback } = collectionHandlers(cameras);
