import { recordHandlers } from '$server/api/collection';
import { measurements } from '$server/api/collections';

export const { GET, PUT, DELETE, fallback } = recordHandlers(measurements);
