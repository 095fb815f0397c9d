import type { StopRange } from '../film';
import { chanceWithin } from '../match';

/** What is asked before a frame is spent on finding out. */
export interface TrialQuestion {
	/** Expected error, stops. */
	error: number;
	/** Doubt that a trial can take away: of body and light together, stops. */
	shared: number;
	/** Doubt that stays from frame to frame, stops. */
	rest: number;
	/** Range of error that counts as come out, stops. */
	range: StopRange;
	/** Stops that the camera can be set nearer by; null where it cannot. */
	step: number | null;
	/** Farthest that it can be moved either way, stops. */
	reach: readonly [darken: number, lighten: number];
	/** Frames that are left. */
	left: number;
}

export interface TrialWorth {
	/** Frames expected to come out if all are shot at once. */
	without: number;
	/** Frames expected to come out if the first is a trial and the others are answered by it. */
	with: number;
	/** Frames more that come out by a trial; 0 or less: shoot. */
	saved: number;
}

/** How well a print tells its own error when it is looked at, stops; common practice. */
const LOOK_SD = 1 / 3;
const STEPS = 41;
const TAIL = 3;

/** The nearest that a camera comes to a wanted change. */
function nearestMove(wanted: number, { step, reach }: TrialQuestion): number {
	if (step === null) return 0;
	const clicks = Math.round(wanted / step) * step;
	return Math.min(reach[1], Math.max(reach[0], clicks));
}

/**
 * Is a test frame worth it? The value of information: over everything that a trial may show, how many
 * of the frames left come out when they are answered to it, against shooting all of them now. The trial
 * itself counts as a frame like the others: it may come out.
 * Source: expected value of sample information, as in any textbook on decisions.
 *
 * @returns frames
 * @example worthOfTrial({ error: 0, shared: 0.6, rest: 0.2, range: [-1/3, 1/3], step: 1/3, reach: [-1, 1], left: 8 }).saved // about 2.3
 */
export function worthOfTrial(question: TrialQuestion): TrialWorth {
	const { error, shared, rest, range, left } = question;
	const now = chanceWithin(range, error, Math.hypot(shared, rest));
	const without = left * now;
	if (left < 2 || question.step === null || shared === 0) return { without, with: without, saved: 0 };
	const seen = Math.hypot(shared, rest, LOOK_SD);
	const gain = shared ** 2 / seen ** 2;
	const after = Math.hypot(shared * Math.sqrt(1 - gain), rest);
	const middle = (range[0] + range[1]) / 2;
	let [sum, weights] = [0, 0];
	for (let at = 0; at < STEPS; at++) {
		const z = TAIL * ((2 * at) / (STEPS - 1) - 1);
		const weight = Math.exp((-z * z) / 2);
		const known = error + gain * z * seen;
		const moved = known + nearestMove(middle - known, question);
		sum += weight * Math.max(chanceWithin(range, known, after), chanceWithin(range, moved, after));
		weights += weight;
	}
	const withTrial = now + ((left - 1) * sum) / weights;
	return { without, with: withTrial, saved: withTrial - without };
}
