import { recordHandlers } from '$server/api/collection';
import { settings } from '$server/api/collections';

export const { GET, PUT, DELETE, fallback } = recordHandlers(settings);
