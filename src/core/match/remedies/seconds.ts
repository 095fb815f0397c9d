import type { RemedyKind } from './remedy-kind';

/** Another time than the one that is wanted. */
export const seconds: RemedyKind = {
	kind: 'seconds',
	effort: 0,
	pairs: true,
	options: ({ intent }) => (intent.seconds === undefined ? [] : [{ name: 'any time' }]),
	set: (intent) => ({ ...intent, seconds: undefined })
};
