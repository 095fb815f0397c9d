import type { FilmType } from '../types';
import { bwNegative } from './bw-negative';
import { bwReversal } from './bw-reversal';
import { colourNegative } from './colour-negative';
import type { FilmTypeFacts } from './facts';
import { instant } from './instant';
import { peelApart } from './peel-apart';
import { reversal } from './reversal';

export type { FilmTypeFacts, Holder, PrintCurve } from './facts';

/** Every type of film with what is typical of it; a new one is its own file, its name, and one line here. */
const facts: Readonly<Record<FilmType, FilmTypeFacts>> = {
	'colour-negative': colourNegative,
	'bw-negative': bwNegative,
	reversal,
	'bw-reversal': bwReversal,
	instant,
	'peel-apart': peelApart
};

/** Every type, in the order in which they are offered. */
export const filmTypes = Object.keys(facts) as readonly FilmType[];

/**
 * What is typical of a type of film.
 *
 * @example factsOf('reversal').negative // false
 */
export const factsOf = (type: FilmType): FilmTypeFacts => facts[type];
