import type { Filter, Limit } from '../camera';
import type { Film } from '../film';
import type { FocusSetting, SharpZone } from '../focus';
import type { ResolvedLight } from '../light';

/** The question beside camera, film and light, and its answer. Field names are public. */

export interface Intent {
	aperture?: number;
	/** Wanted time, s: [at least, at most]; null leaves an end open. */
	seconds?: [number | null, number | null];
	/** m */
	subjectDistance?: number;
	/** m/s, across the view */
	subjectSpeed?: number;
	/** Default true; false: on a support. */
	handheld?: boolean;
	/** A place of the wheel that is fixed already, stops. */
	compensation?: number;
	/** A place of the film-speed dial that is fixed already. */
	iso?: number;
	/** Exposures on one frame. */
	exposures?: number;
	/** On the camera now. */
	filters?: Filter[];
}

/** What a remedy may use: only what fits the camera. */
export interface Bag {
	filters?: Filter[];
	films?: Film[];
	/** Guide number m at ISO 100, full power; powers as parts of it; loss by what is before it, stops. */
	flash?: { guideNumber: number; powers: number[]; loss?: number };
	tripod?: boolean;
}

export type ChangeKind =
	| 'compensation'
	| 'aperture'
	| 'seconds'
	| 'filter'
	| 'film'
	| 'development'
	| 'flash'
	| 'tripod'
	| 'distance'
	| 'lamp'
	| 'light'
	| 'iso-dial'
	| 'reading'
	| 'trial'
	| 'bracket';

/** One thing that is done differently. */
export interface Change {
	kind: ChangeKind;
	/** What is changed, in a few words: "wheel to darken 1", a filter's or a film's own name. */
	name: string;
	/** What it does to the error, stops; 0 for what only narrows the doubt. */
	stops: number;
	/** What it was and what it is set to, in the unit of its kind: stops, f-number, ISO, m, EV. */
	from?: number;
	to?: number;
	/** A filter is taken off, not put on. */
	off?: boolean;
	/** Flash: see LitChange. */
	power?: number;
	range?: [from: number, to: number];
	background?: number;
}

/** What is to be known of a flash beside the outcome. */
export interface LitChange {
	/** Part of full power. */
	power: number;
	/** Where it is usable, m. */
	range: [from: number, to: number];
	/** Error of what the flash does not reach, stops. */
	background: number;
	/** The distance for which the outcome stands, m. */
	to: number;
}

/** A flash as it fired. */
export interface FlashFired {
	/** m at ISO 100, full power. */
	guideNumber: number;
	/** Part of full power. */
	power: number;
	/** What stood before it, stops. */
	loss?: number;
	/** Which of the bag; absent: the one that is built in, or unknown. */
	name?: string;
}

/** The least changes, done together, and what they bring. */
export interface Remedy {
	changes: Change[];
	effort: number;
	outcome: Outcome;
}

export type Verdict = 'just-enough' | 'usable' | 'too-dark' | 'too-light';
export type Spoiler = 'shake' | 'motion' | 'near';

export interface Outcome {
	f: number;
	seconds: number;
	/** null where the camera has none. */
	compensation: number | null;
	iso: number | null;
	position: string | null;
	/** Stops at the expected light; + = too much light on the film. */
	error: number;
	verdict: Verdict;
	/** 0 … 1: the chance of a good and of a usable exposure. */
	chances: { good: number; usable: number };
	/** The limit that an eye ran into. */
	clamped: Limit | null;
	/** s; the times to be expected within 80 % of the doubt of the light. */
	secondsRange: [from: number, to: number];
	spoilers: Spoiler[];
	focus: FocusSetting | null;
	sharp: SharpZone;
}

export interface Match {
	light: ResolvedLight;
	best: Outcome;
	/** Every distinct reachable setting, best first. */
	settings: Outcome[];
	/** Wishes that nothing could meet; then the nearest settings are given. */
	unmet: ('aperture' | 'seconds')[];
	/** Least effort first; where the best is just enough already, only what raises its chance. */
	remedies: Remedy[];
}

/** Something asked for that this camera does not have. */
export interface WishProblem {
	path: string;
	message: string;
}
