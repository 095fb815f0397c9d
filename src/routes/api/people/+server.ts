import { peopleHandlers } from '$server/api/people';

export const { GET, POST, fallback } = peopleHandlers;
