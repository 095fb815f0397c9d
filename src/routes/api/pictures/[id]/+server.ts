import { onePictureHandlers } from '$server/pictures/upload';

export const { GET, DELETE, fallback } = onePictureHandlers;
