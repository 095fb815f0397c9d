import type { FilmType } from '../core/film';

/** What people call the types of film. */
export const filmTypeName: Readonly<Record<FilmType, string>> = {
	'colour-negative': 'colour print (negative)',
	'bw-negative': 'black-and-white (negative)',
	reversal: 'slide (reversal)',
	'bw-reversal': 'black-and-white slide (reversal)',
	instant: 'instant',
	'peel-apart': 'instant, peel-apart'
};

/** The same as a name begins with it: "Slide 100". */
export const filmTypeInShort: Readonly<Record<FilmType, string>> = {
	'colour-negative': 'Colour print',
	'bw-negative': 'Black-and-white',
	reversal: 'Slide',
	'bw-reversal': 'Black-and-white slide',
	instant: 'Instant',
	'peel-apart': 'Peel-apart'
};
