import { pictureHandlers } from '$server/pictures/upload';

export const { POST, fallback } = pictureHandlers;
