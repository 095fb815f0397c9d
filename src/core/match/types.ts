import type { Filter, Limit } from '../camera';
import type { Film } from '../film';
import type { FocusSetting, SharpZone } from '../focus';
import type { ResolvedLight } from '../light';

/** The question beside camera, film and light, and its answer. Field names are public. */

export interface Intent {
	aperture?: number;
	/** Time, s: one that the camera has, or wanted: [at least, at most]; null leaves an end open. */
	seconds?: number | [number | null, number | null];
	/** Whether the hand opens and closes the shutter; absent: as suits best. */
	handTimed?: boolean;
	/** A place of a lever that is fixed already, by its label. */
	position?: string;
	/** The eye is put aside, where it can be: everything by hand. */
	manual?: boolean;
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
	/** A close-up lens that is on the camera, dioptres (1/m). */
	closeUp?: number;
	/** What is wanted behind the subject, of all that is right: as little sharp as can be, or as much. */
	depth?: 'shallow' | 'deep';
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
	| 'meter'
	| 'iso-dial'
	| 'reading'
	| 'trial'
	| 'bracket';

/** One thing that is done differently. */
export interface Change {
	kind: ChangeKind;
	/** What is changed, in a few words: "wheel to darken 1", a filter's or a film's own name. */
	name: string;
	/** The record that is put on, taken off or loaded. */
	id?: string;
	/** What it does to the error, stops; 0 for what only narrows the doubt. */
	stops: number;
	/** What it was and what it is set to, in the unit of its kind: stops, f-number, ISO, m, EV. */
	from?: number;
	to?: number;
	/** A filter is taken off, not put on. */
	off?: boolean;
	/** The filter that it takes the place of. */
	instead?: { id?: string; name: string };
	/** It is not in the bag. */
	missing?: boolean;
	/** A wish is given up: that is another picture. */
	wish?: boolean;
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
	id?: string;
	name?: string;
}

/** The least changes, done together, and what they bring. */
export interface Remedy {
	changes: Change[];
	effort: number;
	outcome: Outcome;
}

export type Verdict = 'just-enough' | 'usable' | 'too-dark' | 'too-light';
export type SpoilerKind = 'shake' | 'motion' | 'near' | 'far';

/** What would spoil a frame even if its exposure is right. */
export interface Spoiler {
	kind: SpoilerKind;
	/**
	 * How badly: stops of time too long (shake, motion), or the blur of a point in circles of confusion (near,
	 * far). null: a frame that was kept before this was told.
	 */
	by: number | null;
}

/** What makes an error what it is, stops each; what adds nothing is absent, and the rest adds up to it. */
export interface Why {
	/** By hand: light and film against f-number and time. */
	settings?: number;
	/** By eye: the film's speed against the one that the eye believes in. */
	filmVersusEye?: number;
	wheel?: number;
	/** What a limit of the camera leaves undone. */
	clamp?: number;
	/** The eye stands in other light than the subject. */
	meterElsewhere?: number;
	/** What filters take from the film and not from the eye. */
	filters?: number;
	/** What a lens loses by moving out for what is near. */
	closeUp?: number;
	reciprocity?: number;
	flash?: number;
	/** More than one exposure on a frame. */
	exposures?: number;
	/** What a cell that leans gives beside an even one, in this light. */
	lean?: number;
	/** What the body gives beside its settings. */
	offset?: number;
}

export interface Outcome {
	f: number;
	seconds: number;
	/** null where the camera has none. */
	compensation: number | null;
	iso: number | null;
	position: string | null;
	/** The hand opens and closes the shutter, and counts. */
	handTimed: boolean;
	/** The eye is put aside. */
	manual?: boolean;
	/** Stops at the expected light; + = too much light on the film. */
	error: number;
	/** What the error is made of; absent in frames that were kept before this was told. */
	why?: Why;
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
	/** What was not said of camera and film, and is taken as typical. */
	typical: ('offset' | 'scatter' | 'latitude' | 'reciprocity' | 'speedSd')[];
	/** Least effort first; where the best is just enough already, only what raises its chance. */
	remedies: Remedy[];
}

/** Something asked for that this camera does not have. */
export interface WishProblem {
	path: string;
	message: string;
}
