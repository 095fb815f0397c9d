import type { Camera, TaughtCamera, WheelGain } from '../camera';
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
	/** What a stop of the wheel does beyond a stop, its doubt, and how that goes with the sum's, stops². */
	wheel?: WheelGain;
	/** What the body gives with any other film. */
	body?: { stops: number; sd: number };
}

/**
 * What is known as one normal, to be shown: mean and spread of its two possibilities. Chances are never taken from it.
 *
 * @param at place of the wheel, stops
 * @example asOne({ stops: 0, sd: 0.3, wide: { share: 0.05, sd: 2 } }).sd // 0.54
 */
export function asOne(
	{ stops, sd, wide, wheel }: Pick<Learnt, 'stops' | 'sd' | 'wide' | 'wheel'>,
	at = 0
): { stops: number; sd: number } {
	const { share, sd: far, stops: middle = stops } = wide ?? { share: 0, sd };
	const mean = (1 - share) * stops + share * middle;
	const variance = (1 - share) * (sd ** 2 + (stops - mean) ** 2) + share * (far ** 2 + (middle - mean) ** 2);
	if (!wheel) return { stops: mean, sd: Math.sqrt(variance) };
	const turned = variance + 2 * at * wheel.covariance + (at * wheel.sd) ** 2;
	return { stops: mean + at * wheel.stops, sd: Math.sqrt(Math.max(0, turned)) };
}

/** The possibilities, each by how far it lies from the mean of all. */
function partsOf({ stops, sd, wide }: Learnt, mean: number) {
	if (!wide) return undefined;
	return [
		{ share: 1 - wide.share, by: stops - mean, sd },
		{ share: wide.share, by: (wide.stops ?? stops) - mean, sd: wide.sd }
	];
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
	const { stops, sd } = asOne(learnt);
	const parts = partsOf(learnt, stops);
	const { limit: beside = { stops: 0, sd: 0 }, reading, wheel, body = { stops, sd } } = learnt;
	return {
		camera: {
			...camera,
			offset: { stops: stops - beside.stops, sd },
			together: {
				...(parts && { parts }),
				beside,
				...(reading !== undefined && { reading }),
				...(wheel && { wheel }),
				body
			}
		},
		film: { ...film, speedSd: 0 }
	};
}
