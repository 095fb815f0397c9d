/** A shutter by a phone's clip of light through it. */

/** One frame of a clip: what the film gate of the camera looks like in it, row by row. */
export interface ClipFrame {
	/** Its own time stamp, s. */
	at: number;
	/** Means of its rows, of the code range: 0 … 1. */
	rows: Float32Array;
}

/** What the picture's numbers mean. */
export type Transfer = 'bt709' | 'hlg' | 'pq' | 'other';

/** A step of known light as the clip has it, filmed through the open shutter. */
export interface FilmedStep {
	/** Part of the brightest step; 0: black. */
	fraction: number;
	/** Of the code range, 0 … 1. */
	code: number;
}

export interface Clip {
	/** In their order. */
	frames: readonly ClipFrame[];
	transfer: Transfer;
	/** Steps of the screen, where they were filmed: phones do not keep to the standard. */
	steps?: readonly FilmedStep[];
	/** Where the shutter was held open, s: the last stretch of a second or more, if nothing is said. */
	open?: readonly [from: number, to: number];
}

/** Why a clip tells nothing. */
export type ClipRefusal =
	/** Its numbers do not stand for light in a way that is known here. */
	| 'transfer'
	/** Nowhere open for a second or more. */
	| 'no-reference'
	/** The open shutter is as bright as the picture can show, or nearly. */
	| 'too-bright'
	/** The light of the open shutter changes. */
	| 'unsteady'
	/** Nothing but the open shutter is lit. */
	| 'no-firings'
	/** Rows or firings disagree: frames are exposed for a part of the time that they last, or the shutter is uneven. */
	| 'dimmer';

/** One firing. */
export interface ClipFiring {
	/** s */
	at: number;
	/** s */
	seconds: number;
	/** Doubt, s. */
	sd: number;
}

/** What a clip says. */
export interface ClipMeasured {
	firings: ClipFiring[];
	/** Where the shutter was held open in all of the light, s. */
	open: [from: number, to: number];
	/** Light is told by this many steps that were filmed; 0: by the standard. */
	steps: number;
}

export type ClipAnswer = ClipMeasured | { refused: ClipRefusal };
