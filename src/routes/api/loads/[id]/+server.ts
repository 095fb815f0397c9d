import { recordHandlers } from '$server/api/collection';
import { loads } from '$server/api/collections';

export const { GET, PUT, DELETE, fallback } = recordHandlers(loads);
