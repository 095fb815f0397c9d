import type { BathKind, Changed, Measured, StepDone, StockAge, Timed } from '../develop';
import type { Process } from '../film';
import { formatTemperatures, formatVolume, stopsInWords } from '../units';
import { verdictInShort } from './outcome';

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

/**
 * Minutes and seconds, as clocks of a darkroom show them.
 *
 * @param seconds s
 * @example clockInWords(588) // '9:48'
 */
export function clockInWords(seconds: number): string {
	const whole = Math.max(0, Math.round(seconds));
	return `${Math.floor(whole / 60)}:${String(whole % 60).padStart(2, '0')}`;
}

/** Doubts are said in steps of so many seconds. */
const STEP = 5;

/**
 * A developing time with how sure it is.
 *
 * @example timedInWords({ seconds: 588, sd: 29, beyond: false }) // '9:48, give or take 0:30'
 */
export function timedInWords({ seconds, sd, beyond }: Timed): string {
	const doubt = Math.max(STEP, Math.round(sd / STEP) * STEP);
	const outside = beyond ? '; just outside your table' : '';
	return `${clockInWords(seconds)}, give or take ${clockInWords(doubt)}${outside}`;
}

/**
 * How a load was developed, in one sentence.
 *
 * @example developedInWords({ recipe: 'Fine grain', celsius: [20], steps: [{ name: 'Develop', wanted: 690, took: 700 }] }) // 'Developed in Fine grain, 11:40 at 20 °C.'
 */
export function developedInWords({
	recipe,
	celsius,
	steps
}: {
	recipe: string;
	celsius: readonly number[];
	steps: readonly StepDone[];
}): string {
	const time = steps.length > 0 ? `, ${clockInWords(steps[0].took)}` : '';
	return `Developed in ${recipe}${time} at ${formatTemperatures(celsius)}.`;
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

const days = (count: number) => (count === 1 ? 'one day' : `${count} days`);

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
