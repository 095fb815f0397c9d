import type { RemedyKind } from './remedy-kind';

/** Another time than the one that is set; where it was wanted for the picture's sake, that is given up. */
export const seconds: RemedyKind = {
	kind: 'seconds',
	effort: ({ wish }) => (wish ? 1 : 0),
	pairs: true,
	options: ({ intent: { seconds: asked } }) => {
		if (asked === undefined) return [];
		return [{ name: 'any time', ...(Array.isArray(asked) ? { wish: true } : {}) }];
	},
	set: (intent) => ({ ...intent, seconds: undefined })
};
