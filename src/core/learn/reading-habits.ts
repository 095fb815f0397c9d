import { posterior, type Seen } from './bayes';
import { outliersOf } from './outliers';

/** A judged frame whose light was read in one way. */
export interface ReadFrame {
	/** What the frame was shot with, to tell the eye of the person from the body. */
	body: string;
	/** How the light was read, as it is told apart. */
	way: string;
	/** judged − predicted, with the body's offset as it is known in the prediction; stops. */
	residual: number;
	/** Doubt of the judge and the process, and of the single reading, stops. */
	sd: number;
}

/** How a person reads the light in one way. */
export interface ReadingHabit {
	way: string;
	/** Stops by which these readings run too bright. */
	stops: number;
	sd: number;
	frames: number;
}

const BODY_SD = 0.3;
/** How far a person's way of reading usually is off; common practice. */
const HABIT_SD = 0.4;
const FEWEST = 3;

/**
 * How a person's ways of reading light run, told apart from the bodies that they shoot with: a reading
 * that is too bright promises more light than there is, so its frames come out darker than predicted.
 *
 * @returns ways with three frames or more, by name
 * @example readingHabits(frames by "soft edge" that all came out ½ too dark, on several bodies)[0].stops // about 0.4
 */
export function readingHabits(frames: readonly ReadFrame[]): ReadingHabit[] {
	const bodies = [...new Set(frames.map(({ body }) => body))].sort();
	const ways = [...new Set(frames.map(({ way }) => way))].sort();
	if (frames.length === 0) return [];
	const seen = frames.map(({ body, way, residual, sd }): Seen => ({
		x: [...bodies.map((each) => Number(each === body)), ...ways.map((each) => -Number(each === way))],
		y: residual,
		sd
	}));
	const priors = [
		...bodies.map(() => ({ mean: 0, sd: BODY_SD })),
		...ways.map(() => ({ mean: 0, sd: HABIT_SD }))
	];
	const wild = outliersOf(seen, priors);
	const known = posterior(
		seen.filter((_, at) => !wild.includes(at)),
		priors
	);
	return ways.flatMap((way, at) => {
		const count = frames.filter((frame, index) => frame.way === way && !wild.includes(index)).length;
		if (count < FEWEST) return [];
		const { mean, sd } = known[bodies.length + at];
		return [{ way, stops: mean, sd, frames: count }];
	});
}
