import { pairingHandlers } from '$server/api/door';

export const { POST, fallback } = pairingHandlers;
