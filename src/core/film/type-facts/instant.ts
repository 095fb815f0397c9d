import type { FilmTypeFacts } from './facts';

/** Times of development: see the film's own leaflet. */
export const instant: FilmTypeFacts = {
	negative: false,
	colour: true,
	holder: 'instant-pack',
	latitude: { good: [-1 / 3, 1 / 3], usable: [-1, 2 / 3] },
	speeds: [100, 160, 640, 800],
	draws: [-2.75, 2.75],
	push: [0, 0],
	reciprocity: { from: 1, exponent: 1.2 },
	developsIn: 600,
	print: { least: 0.12, most: 1.75, contrast: 1.6, left: 1, holds: null, grain: 0.012 }
};
