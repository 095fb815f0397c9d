import { recordHandlers } from '$server/api/collection';
import { cameras } from '$server/api/collections';

export const { GET, PUT, DELETE, fallback } = recordHandlers(cameras);
