import { changesHandlers } from '$server/api/changes';

export const { GET, fallback } = changesHandlers;
