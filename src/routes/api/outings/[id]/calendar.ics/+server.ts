import { outingCalendar } from '$server/api/calendars';

export const { GET, fallback } = outingCalendar;
