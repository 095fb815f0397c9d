import type { Camera } from '../camera';
import type { Film } from '../film';
import type { Light } from '../light';
import type { Intent, MadeSetting } from '../match';

/** A frame as it was made, or as it would have been made otherwise. */
export interface Making {
	camera: Camera;
	/** As it was developed. */
	film: Film;
	/** As it was read, with no habit taken off. */
	light: Light;
	/** What was on the camera, how it was held, how far the subject was. */
	intent: Intent;
	settings: MadeSetting;
	/** What tells its things apart; things of one name are one and the same in all frames. */
	of: { camera: string; film: string; load: string };
	/** What is new in how its load was developed, stops of doubt. */
	developing?: number;
}

/** A logged frame to be replayed. */
export interface LoggedFrame {
	id: string;
	/** How its light was read. */
	way: string;
	/** ISO 8601 with offset. */
	takenAt: string;
	making: Making;
	/** Stops, + = too light, and how sure that is; absent: not judged. */
	judged?: { stops: number; sd: number };
	/** Blurred, or out of focus: no exposure mends it. */
	spoiled?: boolean;
}

/** How a frame came out, or would have, by all that is known of it. */
export interface Fate {
	/** Stops, + = too much light, and its doubt. */
	error: number;
	sd: number;
	/** 0 … 1: how likely its exposure is good, and usable. */
	good: number;
	usable: number;
}

/** What is likely of a number, nine times in ten. */
export interface Likely {
	mean: number;
	from: number;
	to: number;
}

/** A frame as it was, and as it would have been. */
export interface FrameReplay {
	id: string;
	then: Fate;
	now: Fate;
	/** 0 … 1, together 1: good both ways, only as it was, only the other way, neither way. */
	both: number;
	onlyThen: number;
	onlyNow: number;
	neither: number;
}

/** Frames replayed with one thing changed. */
export interface Replay {
	frames: FrameReplay[];
	/** Good frames: as it was, the other way, and how many more. */
	then: Likely;
	now: Likely;
	difference: Likely;
	/** The same of frames that are usable. */
	usable: { then: Likely; now: Likely; difference: Likely };
	/** Frames that the change has no bearing on: it cannot be made on them. */
	unchanged: number;
}
