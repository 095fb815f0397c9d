import { recordHandlers } from '$server/api/collection';
import { films } from '$server/api/collections';

export const { GET, PUT, DELETE, fallback } = recordHandlers(films);
