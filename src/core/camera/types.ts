/** What the match knows of a camera. Field names are public. Lengths in mm, distances in m, times in s. */

/** What moves when a lens is focused: all of it, which costs light near, or its front cell, which costs none. */
export type FocusedBy = 'unit' | 'front-cell';

export type Focus =
	| { kind: 'fixed'; /** m; null = infinity */ distance: number | null }
	| {
			kind: 'zones';
			/** m; null = infinity */
			distances: (number | null)[];
			labels?: string[];
			/** Default: the front cell. */
			by?: FocusedBy;
	  }
	| { kind: 'continuous'; /** m */ nearest: number; /** Default: all of it. */ by?: FocusedBy };

export type Aperture =
	| { kind: 'fixed'; f: number }
	/** labels: the camera's own marks, such as "sun" and "cloud". */
	| { kind: 'stops'; f: number[]; labels?: string[] }
	| { kind: 'range'; widest: number; smallest: number };

export type Shutter =
	| { kind: 'fixed'; seconds: number }
	| { kind: 'speeds'; seconds: number[] }
	| { kind: 'range'; fastest: number; slowest: number };

/** One place of a lever that moves several things at once. */
export interface Position {
	label: string;
	f?: number;
	seconds?: number;
	iso?: number;
}

/** The lighten–darken wheel, stops: its two ends about 0 and its click. */
export interface Wheel {
	darken: number;
	lighten: number;
	step: number;
	/** What a marked stop of it really does, stops, as it was measured; default a stop. */
	does?: { stops: number; sd: number };
}

/** How the cell of an eye follows the light, as it was measured. */
export interface EyeResponse {
	/** Stops that it asks for, for a stop of light: 1 is a good cell; an old one leans. */
	slope: number;
	/** Doubt of the slope. */
	sd: number;
	/** The light at which it gives what the offset says, EV at ISO 100 on the cell. */
	about: number;
}

/** An automatic eye: what it sets, the film speeds it can be told, and how it errs. */
export interface AutomaticExposure {
	mode: 'auto';
	sets: 'time' | 'aperture' | 'both';
	/** Positions of its film-speed dial, or the one it’s built for. */
	iso: number[];
	/** What marks of the dial really do beside what is written on them, stops, + = more light; default nothing. */
	dial?: { iso: number; stops: number; sd: number }[];
	compensation?: Wheel;
	/** A filter before the lens also covers the meter. */
	meterBehindFilter?: boolean;
	/** The eye's own doubt from frame to frame, stops; default 0.4. */
	scatter?: number;
	/** How its cell follows the light; default stop for stop. */
	response?: EyeResponse;
	/** The eye can be put aside: everything by hand, or what of it the hand reaches then. */
	override?: boolean | { aperture?: Aperture; shutter?: Shutter };
	/** The body makes up for what its lens loses near, by itself. */
	compensatesCloseUp?: boolean;
}

/** Who decides the exposure: the person or an eye. */
export type Exposure =
	{ mode: 'manual'; /** See AutomaticExposure. */ compensatesCloseUp?: boolean } | AutomaticExposure;

export interface Camera {
	name: string;
	/** A kind of the bag; only suggests values and pictures. */
	kind?: string;
	/** Format of the film that it takes, as the trade calls it. */
	format?: string;
	/** Frame, mm. */
	frame: { width: number; height: number };
	/** mm */
	focalLength: number;
	focus: Focus;
	/** mm; default frame diagonal / 1500 */
	circleOfConfusion?: number;
	aperture: Aperture;
	shutter: Shutter;
	positions?: Position[];
	/** Any time from 0.5 s to longest (default 3600 s), timed by hand. */
	bulb?: boolean | { longest: number };
	/** Slowest time held by hand, s. */
	handHold?: number;
	exposure: Exposure;
	/** Guide number m at ISO 100; distances m; sync s. */
	flash?: { guideNumber: number; nearest?: number; farthest?: number; sync?: number };
	/** Cine. */
	framesPerSecond?: number;
	/** Learned: + gives more exposure than its settings say; default 0, in doubt by its kind. */
	offset?: { stops: number; sd: number };
}

/** A filter or close-up lens before the lens. */
export interface Filter {
	/** The record that it is a copy of. */
	id?: string;
	name: string;
	/** Light it costs, stops. */
	stops: number;
	kind?: 'neutral' | 'contrast' | 'conversion' | 'close-up';
	mired?: number;
	overMeter?: boolean;
}
