/** What a recording shows: a sensor's light, or a sound. */
export type TraceKind = 'light' | 'sound';

/** Firings that are measured in a recording, at most: the first ones. */
export const MOST_FIRINGS = 64;

/** One firing of a shutter. */
export interface Firing {
	/** When it began, s from the start of the recording. */
	at: number;
	/** Effective exposure time, s. */
	seconds: number;
	/** How long it took to open and to close, s; by light alone. */
	opening?: number;
	closing?: number;
}

/** What was found in a recording. */
export interface ShutterMeasurement {
	kind: TraceKind;
	sampleRate: number;
	firings: Firing[];
	/** Mean of the firings, s. */
	seconds: number;
	/** Spread of the firings, s; of one firing, what the recording resolves. */
	sd: number;
	/** What is to be known of it, in words. */
	notes: string[];
}
