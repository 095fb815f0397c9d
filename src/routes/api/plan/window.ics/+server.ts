import { windowFile } from '$server/api/calendars';

export const { GET, fallback } = windowFile;
