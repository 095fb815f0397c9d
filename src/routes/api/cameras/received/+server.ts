import { giftTakenHandlers } from '$server/api/gifts';

export const { POST, fallback } = giftTakenHandlers;
