import type { FilmTypeFacts } from './facts';

/** A black-and-white film that becomes its own picture: forgives as a slide does, and loses over long times as black-and-white does. */
export const bwReversal: FilmTypeFacts = {
	negative: false,
	colour: false,
	holder: 'spool',
	latitude: { good: [-1 / 3, 1 / 3], usable: [-1, 1 / 2] },
	speeds: [25, 50, 100, 200],
	draws: [-3, 2.5],
	push: [0, 0],
	reciprocity: { from: 1, exponent: 1.3 },
	developsIn: null,
	print: { least: 0.06, most: 2.4, contrast: 1.7, left: 1, holds: null, grain: 0.025 }
};
