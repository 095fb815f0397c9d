import type { FilmType } from '$core/film';

/** What people call the types of film. */
export const filmTypeName: Readonly<Record<FilmType, string>> = {
	'colour-negative': 'colour print (negative)',
	'bw-negative': 'black-and-white (negative)',
	reversal: 'slide (reversal)',
	instant: 'instant',
	'peel-apart': 'instant, peel-apart'
};
