import { withIntent, type RemedyKind } from './remedy-kind';

/** Another time than the one that is wanted. */
export const seconds: RemedyKind = {
	effort: 0,
	pairs: true,
	options({ intent }) {
		if (!intent.seconds) return [];
		return [{ change: { kind: 'seconds', name: 'any time' }, apply: withIntent({ seconds: undefined }) }];
	}
};
