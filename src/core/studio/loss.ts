/** What a modifier takes, as it was metered. */
export interface LearntLoss {
	/** Stops. */
	stops: number;
	/** Doubt of it, stops. */
	sd: number;
	/** How often it was metered; 0 = as it is usual. */
	times: number;
}

/** Two incident readings, with it and without, differ by this much by themselves, stops: ⅓ each. */
const READING_PAIR = Math.SQRT2 / 3;

/** Modifiers to start from. Stops: common practice, to be metered. */
export const usualModifiers: readonly { name: string; stops: number }[] = [
	{ name: 'Umbrella', stops: 1 },
	{ name: 'Softbox', stops: 4 / 3 },
	{ name: 'Grid', stops: 2 },
	{ name: 'Tracing paper', stops: 1 }
];
/** Doubt of a usual value that nobody metered, stops. */
export const USUAL_LOSS_SD = 0.5;

/**
 * What a modifier takes after it was metered once more: the mean of its meterings, with what is usual
 * for a first one that was never metered.
 *
 * @param known before
 * @param metered this time, stops
 * @example learnLoss({ stops: 1.3, sd: 0.5, times: 0 }, 1.6) // { stops: 1.46, sd: 0.34, times: 1 }
 */
export function learnLoss({ stops, sd, times }: LearntLoss, metered: number): LearntLoss {
	const [before, now] = [1 / sd ** 2, 1 / READING_PAIR ** 2];
	return {
		stops: (stops * before + metered * now) / (before + now),
		sd: 1 / Math.sqrt(before + now),
		times: times + 1
	};
}
