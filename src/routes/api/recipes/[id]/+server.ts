import { recordHandlers } from '$server/api/collection';
import { recipes } from '$server/api/collections';

export const { GET, PUT, DELETE, fallback } = recordHandlers(recipes);
