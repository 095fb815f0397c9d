import { thumbnailHandlers } from '$server/pictures/upload';

export const { GET, fallback } = thumbnailHandlers;
