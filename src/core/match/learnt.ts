import type { Camera, TaughtCamera } from '../camera';
import type { Film } from '../film';

/**
 * What is known of a camera, a film, a pack, a way of reading and a judge together: it takes the place of the
 * camera's offset and the film's doubt.
 */
export interface Learnt {
	/** + = more light on the film than predicted. */
	stops: number;
	sd: number;
	/** The body may be far off: how likely, and what the sum then is; without stops about the same middle. */
	wide?: { share: number; sd: number; stops?: number } | null;
	/** What film, pack and judge add of it, stops: it stays where a limit holds an eye. */
	limit?: { stops: number; sd: number };
	/** By hand: doubt of the way of reading that is in it, stops: it is not counted once more in the light. */
	reading?: number;
	/** What the body gives with any other film. */
	body?: { stops: number; sd: number };
}

/** Several possibilities as one: the mean and the spread of their mixture. */
function folded({ stops, sd, wide }: Learnt) {
	if (!wide || wide.share === 0) return { stops, sd };
	const { share, sd: far, stops: middle = stops } = wide;
	const mean = stops + share * (middle - stops);
	const variance = (1 - share) * (sd ** 2 + (stops - mean) ** 2) + share * (far ** 2 + (middle - mean) ** 2);
	return {
		stops: mean,
		sd: Math.sqrt(variance),
		parts: [
			{ share: 1 - share, by: stops - mean, sd },
			{ share, by: middle - mean, sd: far }
		]
	};
}

/**
 * A camera and a film as what was learnt of the two together has them.
 *
 * @example withLearnt(camera, film, { stops: 0.5, sd: 0.1 }).camera.offset // { stops: 0.5, sd: 0.1 }
 */
export function withLearnt<C extends Camera, F extends Film>(
	camera: C,
	film: F,
	learnt: Learnt
): { camera: C & TaughtCamera; film: F } {
	const { stops, sd, parts } = folded(learnt);
	const { limit: beside = { stops: 0, sd: 0 }, reading, body = { stops, sd } } = learnt;
	return {
		camera: {
			...camera,
			offset: { stops: stops - beside.stops, sd },
			together: { ...(parts && { parts }), beside, ...(reading !== undefined && { reading }), body }
		},
		film: { ...film, speedSd: 0 }
	};
}
