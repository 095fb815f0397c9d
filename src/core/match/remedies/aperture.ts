import { controlsOf } from '../../camera';
import { formatAperture, markedApertures, marksBetween } from '../../units';
import { withIntent, type RemedyKind } from './remedy-kind';

/** Another aperture than the one that is wanted. */
export const aperture: RemedyKind = {
	effort: 0,
	pairs: true,
	options({ camera, intent }) {
		const fixed = intent.aperture;
		if (fixed === undefined) return [];
		const marks = controlsOf(camera).flatMap(({ aperture: axis }) =>
			axis.kind === 'listed' ? axis.values : marksBetween(markedApertures, axis.from, axis.to)
		);
		return [...new Set(marks)]
			.filter((f) => f !== fixed)
			.map((f) => ({
				change: { kind: 'aperture', name: formatAperture(f), from: fixed, to: f },
				apply: withIntent({ aperture: f })
			}));
	}
};
