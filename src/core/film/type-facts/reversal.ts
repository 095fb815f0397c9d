import type { FilmTypeFacts } from './facts';

export const reversal: FilmTypeFacts = {
	negative: false,
	colour: true,
	holder: 'spool',
	latitude: { good: [-1 / 3, 1 / 3], usable: [-1, 1 / 2] },
	speeds: [50, 100, 200],
	draws: [-3, 2.5],
	push: [0, 0],
	reciprocity: { from: 1, exponent: 1.2 },
	developsIn: null,
	print: { least: 0.06, most: 2.6, contrast: 1.8, left: 1, holds: null, grain: 0.015 }
};
