import type { Camera } from '../core/camera';
import { isNegative, type Film, type FilmType } from '../core/film';
import type { Outcome, Spoiler } from '../core/match';
import { formatDistance, formatStops, NO_THIRD, stopsInWords } from '../core/units';
import { capital } from './capital';
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

/** What is seen on a film off its exposure: while it is usable, and beyond. */
interface Seen {
	usable: string;
	lost: string;
}
type SeenOff = Readonly<Record<'over' | 'under', Seen>>;

const NEGATIVE: SeenOff = {
	over: {
		usable: 'a dense negative, and a slightly flat print',
		lost: 'so dense that the sky and bright parts are lost'
	},
	under: {
		usable: 'a thin negative, and a print with weak shadows',
		lost: 'so thin that the shadows are empty'
	}
};
const SLIDE: SeenOff = {
	over: { usable: 'a light slide, pale in the bright parts', lost: 'a washed-out slide with a blank sky' },
	under: { usable: 'a dark slide, deep in the shadows', lost: 'a slide too dark to see into its shadows' }
};
const PRINT: SeenOff = {
	over: { usable: 'a light print, pale in the sky', lost: 'a washed-out print with a bare white sky' },
	under: { usable: 'a dark print, heavy in the shadows', lost: 'a print whose shadows are solid black' }
};
/** Common practice: negatives are dense or thin, slides and prints light or dark. */
const SEEN: Readonly<Record<FilmType, SeenOff>> = {
	'colour-negative': NEGATIVE,
	'bw-negative': NEGATIVE,
	reversal: SLIDE,
	'bw-reversal': SLIDE,
	instant: PRINT,
	'peel-apart': PRINT
};

/**
 * How the exposure lies on this film, in one sentence.
 *
 * @example exposureSentence(1 stop over, a colour negative) // '1 stop over, which this film likes.'
 */
export function exposureSentence(outcome: Outcome, film: Film): string {
	if (Math.abs(outcome.error) < NO_THIRD) return 'Exactly the light this film asks for.';
	const isOver = outcome.error > 0;
	const start = `${stopsInWords(outcome.error)} ${isOver ? 'over' : 'under'}`;
	if (outcome.verdict === 'just-enough')
		return `${start}, ${isOver && isNegative(film) ? 'which this film likes' : 'well within what this film takes'}.`;
	const side = isOver ? 'over' : 'under';
	if (outcome.verdict === 'usable') return `${start}. This film takes that: ${SEEN[film.type][side].usable}.`;
	const beyond = isJustBeyond(outcome) ? `${start}, just past what this film takes` : start;
	return `${beyond}: ${SEEN[film.type][side].lost}.`;
}

const [HARDLY_ANY, NEARLY_ALL] = [0.03, 0.97];

/**
 * A chance as people say it, in tenths.
 *
 * @param chance 0 … 1
 * @example chanceInWords(0.87) // 'about 9 in 10'
 */
export function chanceInWords(chance: number): string {
	if (chance >= NEARLY_ALL) return 'nearly all';
	if (chance < HARDLY_ANY) return 'hardly any';
	return `about ${Math.min(9, Math.max(1, Math.round(chance * 10)))} in 10`;
}

/**
 * How many of such frames come out, given all doubt.
 *
 * @example chanceSentence(…) // 'About 9 in 10 will be good.'
 */
export function chanceSentence({ chances }: Outcome): string {
	const out = chanceInWords(chances.usable);
	const well = chanceInWords(chances.good);
	if (chances.usable < HARDLY_ANY) return 'Hardly any will come out.';
	const nearlyAll = chances.usable >= NEARLY_ALL;
	if (out === well || (nearlyAll && chances.good >= 1 / 2)) return `${capital(well)} will be good.`;
	return `${capital(out)} will come out, ${well.replace(' in 10', '')} of them good.`;
}

/** Less blur than this many circles of confusion is seen only in a large print; more than the second spoils any. */
const [SOFT, LOST] = [2, 5];

/** How badly a point outside the sharp zone is blurred. */
function softness(by: number | null): string {
	if (by === null) return '';
	return by < SOFT ? 'a little ' : by > LOST ? 'much ' : '';
}

/** How far beyond what can be held or stopped, in stops; nothing where it is unknown or next to nothing. */
const byStops = (by: number | null) => (by === null || by < NO_THIRD ? '' : `, ${stopsInWords(by)} too slow`);

/**
 * What would spoil a frame that is well exposed, how badly, and the cure.
 *
 * @example spoilerInWords({ kind: 'shake', by: 3 }, at 1/4 s) // 'hand-held it will shake at 1/4 s, 3 stops too slow: rest it on something'
 */
export function spoilerInWords(spoiler: Spoiler, outcome: Outcome, camera: Camera): string {
	if (spoiler.kind === 'shake')
		return `hand-held it will shake at ${timeInWords(camera, outcome)}${byStops(spoiler.by)}: rest it on something`;
	if (spoiler.kind === 'motion')
		return `the subject moves too fast for ${timeInWords(camera, outcome)}${byStops(spoiler.by)}`;
	const { from, to } = outcome.sharp;
	if (spoiler.kind === 'far')
		return `${softness(spoiler.by)}too far: sharp to ${formatDistance(to)}, move closer`;
	return `${softness(spoiler.by)}too near: sharp from ${formatDistance(from)} on, step back`;
}
