import { cineFormat } from './formats';

/** Cine film on a spool. */
export interface CineSpool {
	/** Length of one side. */
	feet: number;
	sides: number;
	framesPerSecond: number;
	/** By its gauge; absent: regular 8, 80. */
	framesPerFoot?: number;
}

const aFoot = ({ framesPerFoot = cineFormat().framesPerFoot }: CineSpool) => framesPerFoot;

/**
 * How long a spool runs.
 *
 * @returns s, all sides together
 * @example spoolSeconds({ feet: 25, sides: 1, framesPerSecond: 16 }) // 125
 */
export function spoolSeconds(spool: CineSpool): number {
	const { feet, sides, framesPerSecond } = spool;
	return (feet * sides * aFoot(spool)) / framesPerSecond;
}

/**
 * What the footage counter shows after so many seconds, and on which side.
 *
 * @example footage({ feet: 25, sides: 2, framesPerSecond: 16 }, 130) // { side: 2, feet: 1 }
 */
export function footage(spool: CineSpool, seconds: number): { side: number; feet: number } {
	const run = (seconds * spool.framesPerSecond) / aFoot(spool);
	const side = Math.min(spool.sides, Math.floor(run / spool.feet) + 1);
	return { side, feet: Math.min(spool.feet, run - (side - 1) * spool.feet) };
}
