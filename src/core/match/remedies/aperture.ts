import { controlsOf } from '../../camera';
import { formatAperture, markedApertures, marksBetween } from '../../units';
import { wishProblems } from '../fixed';
import type { RemedyKind } from './remedy-kind';

/** Another aperture than the one that is wanted. */
export const aperture: RemedyKind = {
	kind: 'aperture',
	effort: 0,
	pairs: true,
	options({ camera, intent }) {
		const fixed = intent.aperture;
		if (fixed === undefined) return [];
		const marks = controlsOf(camera, intent.manual).flatMap(({ aperture: axis }) =>
			axis.kind === 'listed' ? axis.values : marksBetween(markedApertures, axis.from, axis.to)
		);
		return [...new Set(marks)]
			.filter((f) => f !== fixed)
			.filter((f) => wishProblems(camera, { ...intent, aperture: f }).length === 0)
			.map((f) => ({ name: formatAperture(f), from: fixed, to: f }));
	},
	set: (intent, { to }) => ({ ...intent, aperture: to })
};
