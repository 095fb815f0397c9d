import type { Filter } from '../camera';
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
	/** Exposures on one frame. */
	exposures?: number;
	/** On the camera now. */
	filters?: Filter[];
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
	clamped: null | 'fastest' | 'slowest' | 'widest' | 'smallest';
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
	unmet: 'seconds'[];
}

/** Something asked for that this camera does not have. */
export interface WishProblem {
	path: string;
	message: string;
}
