import { dialSpeeds } from '../../camera';
import { withIntent, type RemedyKind } from './remedy-kind';

/** Another place of a film-speed dial that is fixed so far. */
export const isoDial: RemedyKind = {
	effort: 0,
	pairs: true,
	options({ camera, intent }) {
		const fixed = intent.iso;
		if (fixed === undefined) return [];
		return dialSpeeds(camera)
			.filter((iso) => iso !== fixed)
			.map((iso) => ({
				change: { kind: 'iso-dial', name: `dial to ISO ${iso}`, from: fixed, to: iso },
				apply: withIntent({ iso })
			}));
	}
};
