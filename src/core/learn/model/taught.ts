/** What is known of a body before its frames were judged. */
export interface BodyPrior {
	stops: number;
	sd: number;
	/** The share of bodies that are far off, how far, and about where if not about the same, stops; null: this one was measured. */
	wide: { share: number; sd: number; stops?: number } | null;
	/** How far it wanders in a year, stops; it adds up as a random walk does. */
	drift: number;
	/** What a stop of its wheel does beyond a stop, where that is known already. */
	wheel?: { stops: number; sd: number };
}

/** A limit of a camera that an eye may have run into. */
export interface NearLimit {
	/** Fastest also stands for smallest: no less light; slowest for widest: no more. */
	end: 'fastest' | 'slowest';
	/** What the body gives beside its settings where it just meets the limit, stops; + at the fastest: it ran into it. */
	at: number;
}

/** A judged frame, as the model takes it. Names tell things apart and are never read; what is not named adds nothing. */
export interface TaughtFrame {
	/** Frames are taken in the order of their ids. */
	id: string;
	/** Judged − predicted for a body and a film of which nothing was learnt and with no limit in the way, stops. */
	beyond: number;
	camera: string;
	film?: string;
	load?: string;
	/** Who judged. */
	judge?: string;
	/** How the light was read. */
	way?: string;
	/** When, years since any day. */
	at: number;
	/** A mark, place or dial that may have an error of its own. */
	mark?: string;
	/** Stops of the wheel; 0 where it stands in its middle, or there is none. */
	wheel: number;
	/** How far the error follows a wrong reading: 1 by hand, 0 by an eye that follows the light itself. */
	gamma: number;
	/** Doubt of this one judgement and of a hand with a watch, stops. */
	judgeSd: number;
	/** What an eye gives now more, now less, and sees of another light than the subject's, stops; 0 by hand. */
	scatter: number;
	/** Doubt of this one reading, without the habit of its way, stops. */
	freshSd: number;
	/** The limit of an eye that is nearest. */
	limit?: NearLimit;
	/** A limit held the eye, wherever it is: the frame says nothing of the body. */
	held?: boolean;
}

/** What is known beforehand, by name. */
export interface Priors {
	bodies: ReadonlyMap<string, BodyPrior>;
	/** Doubt of each film's speed, stops. */
	films: ReadonlyMap<string, number>;
	/** How far each way of reading usually is off, stops. */
	ways: ReadonlyMap<string, number>;
}

/** How far films, ways of reading, marks, wheels, packs, judges and a limit's own place usually are off, stops; common practice. */
export const USUAL = {
	film: 0.3,
	way: 0.4,
	mark: 0.2,
	wheel: 0.25,
	load: 0.15,
	judge: 0.2,
	limit: 0.2
} as const;
