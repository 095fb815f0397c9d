import type { Camera } from '../camera';
import { isNegative, type Film } from '../film';
import type { Outcome, Spoiler } from '../match';
import { formatDistance, formatStops, stopsInWords } from '../units';
import { timeInWords } from './marks';

/** What an outcome says in words. Too dark and too light are about the print. */

const amount = (outcome: Outcome) => formatStops(outcome.error);

/**
 * The verdict in the largest type.
 *
 * @example verdictTitle(an outcome 2 stops under) // 'Too dark by 2'
 */
export function verdictTitle(outcome: Outcome): string {
	if (outcome.verdict === 'just-enough') return 'Just enough';
	if (outcome.verdict === 'usable') return 'Usable';
	return `${outcome.verdict === 'too-dark' ? 'Too dark' : 'Too light'} by ${amount(outcome)}`;
}

/** The verdict on a lane, in as few words as will do. */
export function verdictInShort(outcome: Outcome): string {
	if (outcome.verdict !== 'usable') return verdictTitle(outcome).toLowerCase();
	return `usable, ${amount(outcome)} too ${outcome.error < 0 ? 'dark' : 'light'}`;
}

/** Less than this rounds to no third at all. */
const NOTHING = 1 / 6;

/**
 * How the exposure lies on this film, in one sentence.
 *
 * @example exposureSentence(1 stop over, a colour negative) // '1 stop more light than this film asks for, which it likes.'
 */
export function exposureSentence(outcome: Outcome, film: Film): string {
	if (Math.abs(outcome.error) < NOTHING) return 'The light this film asks for.';
	const side = outcome.error > 0 ? 'more' : 'less';
	const start = `${stopsInWords(outcome.error)} ${side} light than this film asks for`;
	if (outcome.verdict === 'just-enough') {
		return `${start}, ${outcome.error > 0 && isNegative(film) ? 'which it likes' : 'well within what it holds'}.`;
	}
	if (outcome.verdict === 'usable') {
		return `${start}: a ${outcome.error > 0 ? 'pale' : 'dark'} picture, but a picture.`;
	}
	return `${start}.`;
}

const HARDLY_ANY = 0.03;

/**
 * A chance as people say it, in tenths.
 *
 * @param chance 0 … 1
 * @example chanceInWords(0.87) // 'about 9 in 10'
 */
export function chanceInWords(chance: number): string {
	if (chance >= 0.97) return 'nearly all';
	if (chance < HARDLY_ANY) return 'hardly any';
	return `about ${Math.min(9, Math.max(1, Math.round(chance * 10)))} in 10`;
}

/**
 * How many of such frames come out, given all doubt.
 *
 * @example chanceSentence(…) // 'Nearly all come out, about 9 in 10 well.'
 */
export function chanceSentence({ chances }: Outcome): string {
	const out = chanceInWords(chances.usable);
	const well = chanceInWords(chances.good);
	const start = `${out[0].toUpperCase()}${out.slice(1)} come out`;
	if (out === well) return chances.usable < HARDLY_ANY ? `${start}.` : `${start}, and well.`;
	return `${start}, ${well} well.`;
}

/**
 * What would spoil a frame that is well exposed, and the cure.
 *
 * @example spoilerInWords({ kind: 'shake', by: 3 }, at 1/4 s) // 'you will shake at 1/4 s: rest it on something'
 */
export function spoilerInWords(spoiler: Spoiler, outcome: Outcome, camera: Camera): string {
	if (spoiler.kind === 'shake')
		return `you will shake at ${timeInWords(camera, outcome)}: rest it on something`;
	if (spoiler.kind === 'motion') return 'the subject moves too fast to be sharp';
	const { from, to } = outcome.sharp;
	if (spoiler.kind === 'far') return `too far: sharp up to ${formatDistance(to)}, go nearer`;
	return `too near: sharp from ${formatDistance(from)} on, step back`;
}
