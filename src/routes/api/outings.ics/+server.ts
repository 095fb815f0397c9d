import { outingsFeed } from '$server/api/calendars';

export const { GET, fallback } = outingsFeed;
