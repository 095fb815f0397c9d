import { invitationHandlers } from '$server/api/people';

export const { POST, fallback } = invitationHandlers;
