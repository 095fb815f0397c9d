import { recordHandlers } from '$server/api/collection';
import { gear } from '$server/api/collections';

export const { GET, PUT, DELETE, fallback } = recordHandlers(gear);
