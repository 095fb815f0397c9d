/** Frames to a foot of the narrow gauge. Common practice: regular 8 mm runs 80. */
const FRAMES_PER_FOOT = 80;

/** Cine film on a spool. */
export interface CineSpool {
	/** Length of one side. */
	feet: number;
	sides: number;
	framesPerSecond: number;
}

/**
 * How long a spool runs.
 *
 * @returns s, all sides together
 * @example spoolSeconds({ feet: 25, sides: 1, framesPerSecond: 16 }) // 125
 */
export function spoolSeconds({ feet, sides, framesPerSecond }: CineSpool): number {
	return (feet * sides * FRAMES_PER_FOOT) / framesPerSecond;
}

/**
 * What the footage counter shows after so many seconds, and on which side.
 *
 * @example footage({ feet: 25, sides: 2, framesPerSecond: 16 }, 130) // { side: 2, feet: 1 }
 */
export function footage(spool: CineSpool, seconds: number): { side: number; feet: number } {
	const run = (seconds * spool.framesPerSecond) / FRAMES_PER_FOOT;
	const side = Math.min(spool.sides, Math.floor(run / spool.feet) + 1);
	return { side, feet: Math.min(spool.feet, run - (side - 1) * spool.feet) };
}
