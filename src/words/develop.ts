import {
	isBefore,
	LAB,
	stockAge,
	type Agitation,
	type BathKind,
	type Changed,
	type Measured,
	type OwnTime,
	type Recipe,
	type StepDone,
	type StockAge,
	type TimedDiluted
} from '../core/develop';
import type { Process } from '../core/film';
import { formatTemperatures, formatVolume, stopsInWords } from '../core/units';
import { clockInWords } from './clock';
import { verdictInShort } from './outcome';
import { counted } from './language';

/** What a bath is called. */
export const bathInWords: Readonly<Record<BathKind, string>> = {
	'general-developer': 'developer, general purpose',
	'fine-grain-developer': 'developer, fine grain',
	'staining-developer': 'developer, staining',
	'reversal-developer': 'first developer for reversal',
	stop: 'stop bath',
	fixer: 'fixer',
	'instant-pack': 'instant pack, develops itself',
	'peel-apart-pack': 'peel-apart pack'
};

/**
 * An amount as it is measured: tenths where they can be.
 *
 * @example amountInWords({ name: 'A', amount: 58.82, unit: 'ml' }) // '58.8 ml'
 */
export function amountInWords({ amount, unit }: Measured): string {
	if (unit === 'ml') return formatVolume(amount);
	return `${Number(amount.toFixed(amount < 10 ? 2 : 1))} ${unit}`;
}

/** Doubts are said in steps of so many seconds. */
const STEP = 5;

/**
 * A dilution as it is read off a bottle.
 *
 * @param water parts of it to one of all stock together
 * @example dilutionInWords(14) // '1 + 14'
 */
export const dilutionInWords = (water: number): string => `1 + ${Number(water.toFixed(2))}`;

/**
 * A developing time with how sure it is.
 *
 * @example timedInWords({ seconds: 588, sd: 29, beyond: false }) // '9:48, give or take 0:30'
 */
export function timedInWords({ seconds, sd, beyond, from }: TimedDiluted): string {
	const doubt = Math.max(STEP, Math.round(sd / STEP) * STEP);
	const outside = beyond ? '; just outside your table' : '';
	const ruled = from === undefined ? '' : `; by rule of thumb from ${dilutionInWords(from)}`;
	return `${clockInWords(seconds)}, give or take ${clockInWords(doubt)}${outside}${ruled}`;
}

/**
 * That a time is by rule of thumb, said behind it; nothing of one that a table gives.
 *
 * @example byRuleInWords({ from: 9 }) // ', by rule of thumb'
 */
export const byRuleInWords = ({ from }: Pick<TimedDiluted, 'from'>): string =>
	from === undefined ? '' : ', by rule of thumb';

/**
 * What is poured off a bath that is replenished, and added to it.
 *
 * @example exchangedInWords(44) // 'pour off 44 ml, then add 44 ml of replenisher'
 */
export function exchangedInWords(millilitres: number): string {
	const volume = formatVolume(millilitres);
	return `pour off ${volume}, then add ${volume} of replenisher`;
}

/**
 * What a bath wants after a tank.
 *
 * @example refillInWords({ name: 'Fine grain', millilitres: 44 })
 *   // 'Fine grain: pour off 44 ml, then add 44 ml of replenisher.'
 */
export function refillInWords({ name, millilitres }: { name: string; millilitres: number }): string {
	return `${name}: ${exchangedInWords(millilitres)}.`;
}

/**
 * How a load was developed, in one sentence.
 *
 * @example developedInWords({ recipe: 'Fine grain', celsius: [20], steps: [{ name: 'Develop', wanted: 690, took: 700 }] }) // 'Developed in Fine grain, 11:40 at 20 °C.'
 */
export function developedInWords({
	recipe,
	water,
	celsius,
	steps
}: {
	recipe: string;
	water?: number;
	celsius: readonly number[];
	steps: readonly StepDone[];
}): string {
	if (recipe === LAB) return 'Developed by a lab.';
	const inIt = steps.find((step) => !isBefore(step));
	const time = inIt ? `, ${clockInWords(inIt.took)}` : '';
	const warm = celsius.length > 0 ? ` at ${formatTemperatures(celsius)}` : '';
	const thin = water === undefined ? '' : ` ${dilutionInWords(water)}`;
	return `Developed in ${recipe}${thin}${time}${warm}.`;
}

function turns({ inversions, gentle = false, every = 60, within }: Agitation): string {
	const many = gentle
		? counted(inversions, '1 slow turn', '# slow turns')
		: counted(inversions, '1 turn', '# turns');
	const quick = within === undefined ? '' : ` in ${within} s`;
	return every === 60 ? `${many}${quick} a minute` : `${many}${quick} every ${every} s`;
}

/**
 * How a tank is moved.
 *
 * @param seconds that the bath takes
 * @example agitationInWords({ first: 30, inversions: 4 }, 600) // 'first 30 s, then 4 turns a minute'
 */
export function agitationInWords(agitation: Agitation, seconds: number): string {
	const { first, inversions, gentle } = agitation;
	if (first >= seconds) return gentle ? 'slowly, all the time' : 'all the time';
	if (inversions === 0) return first === 0 ? 'let it stand' : `first ${first} s, then let it stand`;
	const then = turns(agitation);
	return first === 0 ? then : `first ${first} s, then ${then}`;
}

/** How often a bath serves, and has served. */
function servesInWords({
	rollsPerLitre,
	rollsDone = 0,
	replenish
}: Pick<Recipe, 'rollsPerLitre' | 'rollsDone' | 'replenish'>): string {
	const done = `${counted(rollsDone, 'one roll', '# rolls')} done`;
	if (replenish !== undefined) return `${done}, replenished`;
	return rollsPerLitre === undefined ? 'one-shot' : `${done}, ${rollsPerLitre} a litre`;
}

/**
 * What is left of a bath: rolls it has done, its stock, its age.
 *
 * @param recipe as it stands
 * @param today YYYY-MM-DD
 * @returns pieces, none where nothing is known
 * @example leftInWords({ rollsPerLitre: 8, rollsDone: 2 }, '2026-05-02') // ['2 rolls done, 8 a litre']
 */
export function leftInWords(
	recipe: Pick<
		Recipe,
		'rollsPerLitre' | 'rollsDone' | 'stockLeft' | 'replenish' | 'replenisherLeft' | 'mixedOn' | 'keepsDays'
	>,
	today: string
): string[] {
	const { stockLeft, replenisherLeft } = recipe;
	const age = stockAge(recipe, today);
	const keeps = age?.left;
	return [
		servesInWords(recipe),
		...(stockLeft === undefined ? [] : [`${formatVolume(stockLeft)} of stock left`]),
		...(replenisherLeft === undefined ? [] : [`${formatVolume(replenisherLeft)} of replenisher left`]),
		...(age ? [age.days === 0 ? 'mixed today' : `${days(age.days)} old`] : []),
		...(keeps === undefined ? [] : [keeps > 0 ? `keeps ${days(keeps)} more` : 'past its best'])
	];
}

/**
 * How a load is to be developed.
 *
 * @example processInWords({ name: 'Staining', stops: -1 }) // 'in Staining: the film counts as 1 stop slower'
 */
export function processInWords({ name, stops, push }: Process): string {
	const pushed = push ? `, ${push > 0 ? 'pushed' : 'pulled'} ${stopsInWords(push)}` : '';
	const speed =
		stops === 0
			? 'film speed unchanged'
			: `rate the film ${stopsInWords(stops)} ${stops > 0 ? 'faster' : 'slower'}`;
	return `in ${name}${pushed}: ${speed}`;
}

/**
 * What another development does to a frame.
 *
 * @example changedInWords({ number: 3, before, after }) // 'Frame 3: just enough → 1 stop too dark'
 */
export function changedInWords({ number, before, after }: Changed): string {
	const [was, is] = [verdictInShort(before), verdictInShort(after)];
	return was === is ? `Frame ${number}: ${was} still` : `Frame ${number}: ${was} → ${is}`;
}

const days = (count: number) => counted(count, 'one day', '# days');

/**
 * How old a stock is, and whether it can still be trusted.
 *
 * @example stockInWords({ days: 10, left: 20 }) // 'Its stock is 10 days old and keeps for 20 days more.'
 */
export function stockInWords({ days: old, left }: StockAge): string {
	const age = old === 0 ? 'Its stock was mixed today' : `Its stock is ${days(old)} old`;
	if (left === undefined) return `${age}.`;
	if (left > 0) return `${age} and keeps for ${days(left)} more.`;
	return `${age}, past its best${left < 0 ? ` by ${days(-left)}` : ''}: try it on a scrap of film first.`;
}

/**
 * What a person's own negatives say of a recipe's time.
 *
 * @param film whose negatives they are
 * @example ownTimeInWords({ factor: 1.12, sd: 0.06, negatives: 6, rolls: 2 }, 'Samphire 125')
 *   // 'Your negatives of Samphire 125 say 12 % longer than the table, give or take 6 %: 6 negatives of 2 rolls.'
 */
export function ownTimeInWords({ factor, sd, negatives, rolls }: OwnTime, film: string): string {
	const percent = Math.round(100 * Math.abs(factor - 1));
	const much =
		percent === 0
			? 'as long as the table'
			: `${percent} % ${factor > 1 ? 'longer' : 'shorter'} than the table`;
	const of = `${counted(negatives, 'one negative', '# negatives')} of ${counted(rolls, 'one roll', '# rolls')}`;
	return `Your negatives of ${film} say ${much}, give or take ${Math.max(1, Math.round(100 * sd))} %: ${of}.`;
}
