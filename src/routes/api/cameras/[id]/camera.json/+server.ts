import { giftHandlers } from '$server/api/gifts';

export const { GET, fallback } = giftHandlers;
