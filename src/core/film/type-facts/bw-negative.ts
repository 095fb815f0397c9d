import type { FilmTypeFacts } from './facts';

export const bwNegative: FilmTypeFacts = {
	negative: true,
	colour: false,
	holder: 'spool',
	latitude: { good: [-1 / 2, 3 / 2], usable: [-1, 3] },
	speeds: [25, 50, 100, 125, 200, 400, 800, 3200],
	draws: [-4, 6],
	push: [-1, 1],
	reciprocity: { from: 1, exponent: 1.3 },
	developsIn: null,
	print: { least: 0.06, most: 1.9, contrast: 1.3, left: 0.5, holds: [4, 5.5], grain: 0.025 },
	overBase: { middle: 0.7, slope: 0.58 }
};
