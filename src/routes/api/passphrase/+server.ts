import { passphraseHandlers } from '$server/api/door';

export const { PUT, fallback } = passphraseHandlers;
