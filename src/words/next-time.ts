import type { NextTime } from '../core/develop';
import { counted } from './language';

/** What to do, and why, by what negatives show; common practice. */
const said: Readonly<Record<NextTime['change'], readonly [what: string, why: string]>> = {
	agitation: [
		'Agitate more gently and evenly; pour in and out in one go.',
		'Streaks come from agitation. Until they’re gone, nothing else can be judged.'
	],
	shorter: [
		'Cut development by a sixth.',
		'Highlights keep building after the shadows are done. Harsh means too long, or too warm.'
	],
	longer: [
		'Extend development by a sixth.',
		'The shadows are there but the highlights lag. Flat means too short, or too cold.'
	],
	slower: [
		'Rate the film ⅔ stop slower.',
		'Thin with normal contrast means underexposed. Longer development won’t bring the shadows back.'
	],
	faster: ['Rate the film ⅔ stop faster.', 'Dense with normal contrast means overexposed.'],
	dilution: [
		'Use the developer stronger, for its shorter time, or a finer-grained one.',
		'Exposure and contrast are right. What’s left is the grain this developer gives.'
	],
	nothing: ['Keep the development as it is.', 'No more than a few of them have a problem.']
};

/**
 * What to change at the next development, and why.
 *
 * @example nextTimeInWords({ change: 'shorter', of: 6 }).what // 'Cut development by a sixth.'
 */
export function nextTimeInWords({ change, of }: NextTime): { what: string; why: string } {
	const [what, why] = said[change];
	return { what, why: `${why} Based on ${counted(of, 'one negative', '# negatives')}.` };
}
