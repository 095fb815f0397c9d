import { giftCodeHandlers } from '$server/api/gifts';

export const { GET, fallback } = giftCodeHandlers;
