import { recordHandlers } from '$server/api/collection';
import { exercises } from '$server/api/collections';

export const { GET, PUT, DELETE, fallback } = recordHandlers(exercises);
