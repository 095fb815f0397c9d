import { recordHandlers } from '$server/api/collection';
import { places } from '$server/api/collections';

export const { GET, PUT, DELETE, fallback } = recordHandlers(places);
