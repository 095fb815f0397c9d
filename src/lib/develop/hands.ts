import { handsAt, nextMove, type Step } from '$core/develop';
import { clockInWords } from '$words';

/**
 * What is left of a bath, and how far over it is.
 *
 * @param elapsed s
 * @example leftOf({ name: 'Fix', seconds: 300 }, 60) // '4:00'
 */
export function leftOf({ seconds }: Step, elapsed: number): string {
	const left = seconds - elapsed;
	return left >= 0 ? clockInWords(Math.ceil(left)) : `+${clockInWords(-left)}`;
}

/**
 * What the hands do in a bath that is on.
 *
 * @param elapsed s
 * @returns nothing where there is nothing to do but wait
 * @example handsInWords({ name: 'Develop', seconds: 600, agitation: { first: 30, inversions: 4 } }, 45) // 'let it stand'
 */
export function handsInWords(step: Step, elapsed: number): string {
	/** A pack has nothing to pour out, and nothing to move. */
	if (elapsed >= step.seconds) return step.agitation ? 'pour out' : 'time’s up';
	const hands = handsAt(step, elapsed);
	if (hands !== 'rest') return hands === 'gentle' ? 'agitate gently' : 'agitate';
	return step.agitation ? 'let it stand' : '';
}

/**
 * When the hands move again.
 *
 * @param elapsed s
 * @returns nothing while they move, and where they do not any more
 * @example nextInWords({ name: 'Develop', seconds: 600, agitation: { first: 30, inversions: 4 } }, 45) // 'next turn in 0:15'
 */
export function nextInWords(step: Step, elapsed: number): string {
	const next = nextMove(step, elapsed);
	return next === null ? '' : `next turn in ${clockInWords(Math.ceil(next))}`;
}
