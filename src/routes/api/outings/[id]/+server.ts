import { recordHandlers } from '$server/api/collection';
import { outings } from '$server/api/collections';

export const { GET, PUT, DELETE, fallback } = recordHandlers(outings);
