import type { FilmTypeFacts } from './facts';

export const colourNegative: FilmTypeFacts = {
	negative: true,
	colour: true,
	holder: 'spool',
	latitude: { good: [-1 / 2, 2], usable: [-1, 3] },
	speeds: [50, 100, 200, 400, 800],
	draws: [-4, 5],
	push: [-1, 1],
	reciprocity: { from: 1, exponent: 1.15 },
	developsIn: null,
	print: { least: 0.06, most: 2.1, contrast: 1.35, left: 0.5, holds: [3.5, 6], grain: 0.02 },
	overBase: { middle: 0.75, slope: 0.6 }
};
