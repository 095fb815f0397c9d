import type { Camera } from '../camera';
import { isNegative, type Film } from '../film';
import type { Outcome, Spoiler } from '../match';
import { formatDistance, formatStops, stopsInWords } from '../units';
import { timeInWords } from './marks';

/** What an outcome says in words. Too dark and too light are about the print. */

const amount = (outcome: Outcome) => formatStops(outcome.error);

/** Beyond what is usable by less than the doubt, one in six comes out all the same: that is no cliff. Φ(−1). */
const JUST_BEYOND = 0.16;
const isJustBeyond = ({ verdict, chances }: Outcome) =>
	(verdict === 'too-dark' || verdict === 'too-light') && chances.usable >= JUST_BEYOND;

/**
 * The verdict in the largest type.
 *
 * @example verdictTitle(an outcome 2 stops under) // 'Too dark by 2'
 */
export function verdictTitle(outcome: Outcome): string {
	if (outcome.verdict === 'just-enough') return 'Just enough';
	if (outcome.verdict === 'usable') return 'Usable';
	if (isJustBeyond(outcome)) return `Just too ${outcome.verdict === 'too-dark' ? 'dark' : 'light'}`;
	return `${outcome.verdict === 'too-dark' ? 'Too dark' : 'Too light'} by ${amount(outcome)}`;
}

/** The verdict on a lane, in as few words as will do. */
export function verdictInShort(outcome: Outcome): string {
	if (isJustBeyond(outcome))
		return `just beyond usable, ${amount(outcome)} too ${outcome.error < 0 ? 'dark' : 'light'}`;
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
	return isJustBeyond(outcome) ? `${start}, just beyond what is usable.` : `${start}.`;
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

/** Less blur than this many circles of confusion is seen only in a large print; more than the second spoils any. */
const [SOFT, LOST] = [2, 5];

/** How badly a point outside the sharp zone is blurred. */
function softness(by: number | null): string {
	if (by === null) return '';
	return by < SOFT ? 'a little ' : by > LOST ? 'much ' : '';
}

/** How far beyond what can be held or stopped, in stops; nothing where it is unknown or next to nothing. */
const byStops = (by: number | null) => (by === null || by < NOTHING ? '' : `, ${stopsInWords(by)} too slow`);

/**
 * What would spoil a frame that is well exposed, how badly, and the cure.
 *
 * @example spoilerInWords({ kind: 'shake', by: 3 }, at 1/4 s) // 'you will shake at 1/4 s, 3 stops too slow: rest it on something'
 */
export function spoilerInWords(spoiler: Spoiler, outcome: Outcome, camera: Camera): string {
	if (spoiler.kind === 'shake')
		return `you will shake at ${timeInWords(camera, outcome)}${byStops(spoiler.by)}: rest it on something`;
	if (spoiler.kind === 'motion')
		return `the subject moves too fast for ${timeInWords(camera, outcome)}${byStops(spoiler.by)}`;
	const { from, to } = outcome.sharp;
	if (spoiler.kind === 'far')
		return `${softness(spoiler.by)}too far: sharp up to ${formatDistance(to)}, go nearer`;
	return `${softness(spoiler.by)}too near: sharp from ${formatDistance(from)} on, step back`;
}
