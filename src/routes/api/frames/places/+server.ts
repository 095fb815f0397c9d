import { framePlacesHandlers } from '$server/api/frame-places';

export const { POST, fallback } = framePlacesHandlers;
