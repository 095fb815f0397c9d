/** What a bath does; its cautions go by it. */
export type BathKind =
	| 'general-developer'
	| 'fine-grain-developer'
	| 'staining-developer'
	| 'reversal-developer'
	| 'stop'
	| 'fixer'
	| 'instant-pack'
	| 'peel-apart-pack';

/** A part of a working solution that is mixed from stock solutions and water. */
export interface Part {
	name: string;
	parts: number;
}

/** A powder, or what is poured between powders, in the order in which it goes in. */
export interface Powder {
	name: string;
	/** For one litre; absent where it is poured. */
	grams?: number;
	/** Poured and not weighed, such as the water to begin with: ml for one litre. */
	millilitres?: number;
	/** Its grams are taken from a stock solution of so many per cent, grams in 100 ml, instead of weighed. */
	percent?: number;
}

/** How a tank is moved in a bath. */
export interface Agitation {
	/** Without a pause for the first so many seconds. */
	first: number;
	/** Then so many inversions each time; 0 = stand. */
	inversions: number;
	/** From one time to the next, s; absent: a minute. */
	every?: number;
	/** In which they are done, s; absent: as long as inversions usually take. */
	within?: number;
	/** Slowly, where the developer streaks. */
	gentle?: boolean;
}

/** How long a film takes at a temperature. */
export interface TimePoint {
	/** °C */
	celsius: number;
	/** s; a range is its two ends. */
	seconds: number | [number, number];
}

/** How long a film takes in a recipe at a temperature. */
export interface RecipeTime extends TimePoint {
	/** Parts of water to one of all stock together; absent: as the recipe is mixed. */
	water?: number;
}

/** A recipe of the person's own. */
export interface Recipe {
	name: string;
	kind: BathKind;
	/** Stock solutions and water, by parts. */
	parts?: Part[];
	/** Powders for a litre, first dissolved first. */
	powders?: Powder[];
	/** Rolls that a litre of working solution does; absent: used once. */
	rollsPerLitre?: number;
	/** Rolls that went through what is mixed now. */
	rollsDone?: number;
	/** Left of each of its stock solutions, ml. */
	stockLeft?: number;
	/** Replenisher that is added for each roll, and how much of it is left, ml; absent: none is added. */
	replenish?: number;
	replenisherLeft?: number;
	/** How its tank is moved; absent: as is usual for its kind. */
	agitation?: Agitation;
	/** The day on which its stock was mixed or opened, YYYY-MM-DD, and the days it keeps. */
	mixedOn?: string;
	keepsDays?: number;
	/** Change of film speed by it, stops. */
	speedStops?: number;
	/** Its own table of times. */
	times?: RecipeTime[];
	notes?: string;
}
