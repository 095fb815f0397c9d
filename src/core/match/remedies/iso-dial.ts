import { dialSpeeds } from '../../camera';
import { wishProblems } from '../fixed';
import type { RemedyKind } from './remedy-kind';

/** Another place of a film-speed dial that is fixed so far. */
export const isoDial: RemedyKind = {
	kind: 'iso-dial',
	effort: 0,
	pairs: true,
	options({ camera, intent }) {
		const fixed = intent.iso;
		if (fixed === undefined) return [];
		return dialSpeeds(camera)
			.filter((iso) => iso !== fixed && wishProblems(camera, { ...intent, iso }).length === 0)
			.map((iso) => ({ name: `dial to ISO ${iso}`, from: fixed, to: iso }));
	},
	set: (intent, { to }) => ({ ...intent, iso: to })
};
