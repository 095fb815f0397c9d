import { recordHandlers } from '$server/api/collection';
import { readings } from '$server/api/collections';

export const { GET, PUT, DELETE, fallback } = recordHandlers(readings);
