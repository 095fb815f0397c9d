import type { FilmTypeFacts } from './facts';

/** Times of development: see the film's own leaflet. */
export const peelApart: FilmTypeFacts = {
	negative: false,
	colour: true,
	holder: 'peel-apart-pack',
	latitude: { good: [-1 / 3, 1 / 3], usable: [-2 / 3, 2 / 3] },
	speeds: [100, 400, 3000],
	draws: [-2.75, 2.75],
	push: [0, 0],
	reciprocity: { from: 1, exponent: 1.25 },
	developsIn: 45,
	print: { least: 0.08, most: 1.7, contrast: 1.55, left: 1, holds: null, grain: 0.015 },
	checks: { load: ['White tabs free'], frame: ['Pull straight and steady', 'No skin on the paste'] }
};
