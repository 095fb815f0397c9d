import { automaticExposure, wheelPositions } from '../../camera';
import { stopsInWords } from '../../units';
import type { RemedyKind } from './remedy-kind';

export function wheelName(place: number): string {
	if (place === 0) return 'wheel to the middle';
	return `wheel ${stopsInWords(place)} toward ${place < 0 ? 'darken' : 'lighten'}`;
}

/** Another place of a wheel that is fixed so far. */
export const wheel: RemedyKind = {
	kind: 'compensation',
	effort: 0,
	pairs: true,
	options({ camera, intent }) {
		const fixed = intent.compensation;
		if (fixed === undefined) return [];
		const places = wheelPositions(automaticExposure(camera)?.compensation);
		return places
			.filter((place) => Math.abs(place - fixed) > 1e-6)
			.map((place) => ({ name: wheelName(place), from: fixed, to: place }));
	},
	set: (intent, { to }) => ({ ...intent, compensation: to })
};
