import { framesAs } from '$server/api/tables';

export const { GET, fallback } = framesAs('gpx');
