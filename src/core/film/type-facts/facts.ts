import type { Latitude, Reciprocity, StopRange } from '../types';

/** What holds a film: packs fit their own cameras, all else lies on spools. */
export type Holder = 'spool' | 'instant-pack' | 'peel-apart-pack';

/** How a print answers to light; see prints. */
export interface PrintCurve {
	/** Density of the whitest white and the blackest black. */
	least: number;
	most: number;
	/** Slope at mid grey, density for a factor of ten in light. */
	contrast: number;
	/** Part of an error that is still there on the print: a negative is printed lighter or darker to make up for it. */
	left: number;
	/** Stops that a negative holds below and above mid grey before it loses them; null: the film is the picture. */
	holds: readonly [below: number, above: number] | null;
	/** Grain at mid grey, as part of white. */
	grain: number;
}

/** How dense a negative is where it came out right. */
export interface NegativeCurve {
	/** Of mid grey, above the clear base. */
	middle: number;
	/** Density for a factor of ten in light. */
	slope: number;
}

/** All that is typical of a type of film; common practice, to be replaced by what the person knows of its own. */
export interface FilmTypeFacts {
	/** A negative is printed; all else is the picture itself. */
	negative: boolean;
	colour: boolean;
	holder: Holder;
	/** Stops of exposure error that it forgives. */
	latitude: Latitude;
	/** Speeds of films of this type that are on sale, ISO. */
	speeds: readonly number[];
	/** What it draws between black and white, stops from mid grey. */
	draws: StopRange;
	/** What development may add to or take from its speed, stops. */
	push: StopRange;
	/** What it loses over long times. */
	reciprocity: Reciprocity;
	/** How long it takes at 21 °C until it can be judged, s; null: a person or a laboratory develops it later. */
	developsIn: number | null;
	print: PrintCurve;
	/** Of a negative itself, against its base. */
	overBase?: NegativeCurve;
	/** What hands forget with it, whatever it is in. */
	checks?: { load: readonly string[]; frame: readonly string[] };
}
