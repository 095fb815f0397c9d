/** What the match knows of a film. Field names are public. */

export type FilmType =
	'colour-negative' | 'bw-negative' | 'reversal' | 'bw-reversal' | 'instant' | 'peel-apart';

/** From … to, stops of exposure error; + = more light. */
export type StopRange = [from: number, to: number];

export interface Latitude {
	good: StopRange;
	usable: StopRange;
}

/** Reciprocity failure: from this time on (s) with this Schwarzschild exponent; 1 loses nothing. */
export interface Reciprocity {
	from: number;
	exponent: number;
}

export interface Film {
	/** The record that it is, or is a copy of. */
	id?: string;
	name: string;
	type: FilmType;
	/** What it is wound on or packed in, as the trade calls it. */
	format?: string;
	/** Speed on the box, arithmetic. */
	iso: number;
	/** Change of speed by age and development, stops. Default 0. */
	processStops?: number;
	/** What development may add to processStops. */
	pushRange?: StopRange;
	/** Doubt of the speed, stops. Default 0.15. */
	speedSd?: number;
	/** Default by type. */
	latitude?: Latitude;
	/** Default by type. */
	reciprocity?: Reciprocity;
	/** Colour temperature it is balanced for, K. */
	balance?: number;
}
