/** What an eye does with light that is known: measured with the empty camera. */

/** One firing of the empty camera, its eye before a light of which only the ratio to others is known. */
export interface EyeFiring {
	/** Light on the eye, part of the brightest step: 1 all of it, 0 black; absent: far brighter than its limit. */
	fraction?: number;
	/** How long the shutter stood open, s. */
	seconds: number;
	/** Place of the wheel, stops. */
	compensation?: number;
	/** Place of the film-speed dial, ISO. */
	iso?: number;
	/** What is written on an ND over the eye, stops; absent: none. */
	filter?: number;
	/** Doubt of this time, s, where it was not taken like the others. */
	sd?: number;
}

/** A number that firings say, and how well. */
export interface Told {
	value: number;
	sd: number;
}

/** The time that an eye does not go beyond. */
export interface EyeLimit {
	/** s; where it was not reached, the last time that was seen: it goes at least so far. */
	seconds: number;
	/** Stops; null where it was not reached. */
	sd: number | null;
	reached: boolean;
}

/** What there is to say of the firings themselves. */
export type EyeNote =
	/** Too few steps lie between the limits to say how the eye follows. */
	| 'few-steps'
	/** Some steps are no brighter than what the black of the screen gives. */
	| 'dark-steps'
	/** Some times are too short beside the flicker of the screen, and are left out. */
	| 'flicker'
	/** At some steps the eye stops down, too: their times are left out. */
	| 'stopped-down'
	/** Some firings go with no others. */
	| 'wild';

/** What an eye does, by its firings. */
export interface EyeCurve {
	/** Stops of time for a stop of light: 1 is a good cell. */
	slope: Told;
	/** Stops from frame to frame. */
	scatter: Told;
	/** The time that all of the brightest step asks for, with the wheel in its middle; its doubt in stops. */
	full: { seconds: number; sd: number };
	fastest: EyeLimit;
	slowest: EyeLimit;
	/** What each place of the wheel does beside its middle, stops of exposure. */
	wheel: (Told & { place: number })[];
	/** What each place of the dial does beside the first, stops of exposure. */
	dial: (Told & { iso: number })[];
	/** What each ND really takes from the light, stops. */
	filters: (Told & { filter: number })[];
	/** Light that the black of the screen gives, part of the brightest step, and its doubt in stops. */
	leak: Told;
	/** Firings that go with no others, by their places. */
	wild: number[];
	/** The step at which one more firing tells most of the slope; null where none does. */
	next: number | null;
	notes: EyeNote[];
}

/** How times were taken. */
export interface Timing {
	/** Doubt of a time, s. */
	sd: number;
	/** Of a screen's flicker, s. */
	period?: number;
	/** An eye that sets both leaves its aperture wide open from this time on, s. */
	wideOpen?: number;
}
