import { withIntent, type RemedyKind } from './remedy-kind';

/** A support instead of the hand. */
export const tripod: RemedyKind = {
	effort: 1,
	pairs: true,
	options({ bag, intent }) {
		if (!bag.tripod || intent.handheld === false) return [];
		return [{ change: { kind: 'tripod', name: 'on a support' }, apply: withIntent({ handheld: false }) }];
	}
};
