import { rigHandlers } from '$server/api/rigs';

export const { PUT, fallback } = rigHandlers;
