import { pictureHandlers } from '$server/pictures/upload';

export const { GET, POST, fallback } = pictureHandlers;
