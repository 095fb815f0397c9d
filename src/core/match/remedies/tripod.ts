import type { RemedyKind } from './remedy-kind';

/** A support instead of the hand. */
export const tripod: RemedyKind = {
	kind: 'tripod',
	effort: 1,
	pairs: true,
	options: ({ bag, intent }) => (bag.tripod && intent.handheld !== false ? [{ name: 'on a tripod' }] : []),
	set: (intent) => ({ ...intent, handheld: false })
};
