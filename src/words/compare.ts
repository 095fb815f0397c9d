import type { Comparison, Payback, WayCompared } from '../core/compare';
import { formatEv, formatTime, markedTimes, nearestMark, stopsInWords } from '../core/units';
import { capital } from './capital';
import { counted, listed } from './language';
import { chanceInWords } from './outcome';
import { wheelInWords } from './settings';

/** Ways of using a camera beside each other, in words. */

/** What the sentence is about, and how sums of money are written. */
export interface ComparedWays {
	/** As each way is called, in the order of the comparison. */
	names: readonly string[];
	/** Whether the frames are the person's own. */
	own: boolean;
	perYear?: number;
	money: (amount: number) => string;
}

/** How often a way's frames are good, as everywhere on the screen. */
export const goodInWords = ({ share }: Pick<WayCompared, 'share'>): string => chanceInWords(share.good);

/** A span of tenths. */
function tenths(interval: readonly number[]): string {
	const [from, to] = interval.map((part) => Math.round(part * 10));
	return from === to ? `${from}` : `${from} to ${to}`;
}

/**
 * How sure that is, and how many come out at all.
 *
 * @example spreadInWords({ share: { good: 0.7, usable: 0.9, interval: [0.55, 0.83] } }) // '6 to 8 in 10; about 9 in 10 come out'
 */
export function spreadInWords({ share: { usable, interval } }: Pick<WayCompared, 'share'>): string {
	return `${tenths(interval)} in 10; ${chanceInWords(usable)} come out`;
}

/** A time that a way takes where it works, as cameras mark it. */
export const typicalTime = (seconds: number): string => formatTime(nearestMark(markedTimes, seconds));

/** Times that differ by less are alike; and the least share that anybody calls good. */
const [FASTER, HARDLY] = [1.4, 0.03];

/** A ratio as it is said. */
function timesInWords(ratio: number): string {
	const near = Math.round(ratio);
	return Math.abs(ratio - near) < 0.25 ? `${near}` : ratio.toFixed(1);
}

const isSame = (a: number, b: number) => Math.abs(a - b) < 1 / 3;

/** Of ways that expose alike, which is faster, and held in less light. */
function faster({ ways, alike }: Comparison, names: readonly string[]): string {
	const timed = alike.filter((at) => ways[at].seconds !== null && ways[at].typical?.lit === false);
	if (timed.length < 2) return '';
	const seconds = (at: number) => ways[at].seconds!;
	const fast = timed.reduce((a, b) => (seconds(b) < seconds(a) ? b : a));
	const slow = timed.reduce((a, b) => (seconds(b) > seconds(a) ? b : a));
	const ratio = seconds(slow) / seconds(fast);
	if (ratio < FASTER) return '';
	const [from, instead] = [fast, slow].map((at) => ways[at].handheldFrom);
	const held =
		from !== null && instead !== null && from < instead && !isSame(from, instead)
			? `, hand-held from EV ${formatEv(from)} instead of ${formatEv(instead)}`
			: '';
	return `${capital(names[fast])} is ${timesInWords(ratio)} times faster${held}.`;
}

/** Which way gives the most good frames. */
function comesOut({ ways, alike }: Comparison, { names, own }: ComparedWays): string {
	const frames = own ? 'of your frames' : 'of the frames';
	const [best] = alike;
	if (ways[best].share.good < HARDLY) return `Hardly any ${frames} would be good in any of these ways.`;
	const share = `${goodInWords(ways[best])} ${frames}`;
	if (ways.length === 1) return `${capital(share)} would be good.`;
	if (alike.length === ways.length)
		return `${ways.length === 2 ? 'Both' : `All ${ways.length}`} expose alike: ${share} would be good.`;
	const others = ways.map((_, at) => at).filter((at) => !alike.includes(at));
	const next = others.reduce((a, b) => (ways[b].share.good > ways[a].share.good ? b : a));
	const beside = `${goodInWords(ways[next])} with ${names[next]}`;
	if (alike.length > 1)
		return `${capital(listed(alike.map((at) => names[at])))} expose alike: ${share} would be good, ${beside}.`;
	return `${capital(names[best])} gives the most good frames: ${share}, ${beside}.`;
}

const MONTHS = 12;

/**
 * How long it takes to shoot some frames.
 *
 * @example frameTime(41, 60) // '8 months'
 */
export function frameTime(frames: number, perYear: number): string {
	const months = Math.max(1, Math.round((frames / perYear) * MONTHS));
	if (months < 2 * MONTHS) return counted(months, 'a month', '# months');
	return `${Math.round(months / MONTHS)} years`;
}

/** What is likelier than not, and what is not quite out of the question. */
const [LIKELY, UNLIKELY] = [1 / 2, 0.05];

/**
 * When the dearest way has earned its price.
 *
 * @example paybackInWords({ way: 1, beside: 0, frames: 41, within: 0.97 }, …) // 'An eye for ISO 640 pays for itself against an ND after about 41 frames, 8 months at your 60 frames a year.'
 */
export function paybackInWords(
	{ way, beside, frames, within }: Payback,
	{ names, perYear }: ComparedWays
): string {
	const [dear, other] = [capital(names[way]), names[beside]];
	if (frames === null || within < LIKELY) {
		const chance = within > UNLIKELY ? ` (${chanceInWords(within)} that it does)` : '';
		return `${dear} doesn’t pay for itself against ${other} within 300 frames${chance}.`;
	}
	const time = perYear
		? `, ${frameTime(frames, perYear)} at your ${counted(perYear, '1 frame', '# frames')} a year`
		: '';
	return `${dear} pays for itself against ${other} after about ${counted(frames, '1 frame', '# frames')}${time}.`;
}

/** The way whose good frames cost least. */
function cheapest({ ways }: Comparison, { names, money }: ComparedWays): string {
	const costs = ways.map(({ cost }) => cost.keeper ?? Infinity);
	const least = costs.indexOf(Math.min(...costs));
	if (ways.length < 2 || !Number.isFinite(costs[least]) || costs[least] === 0) return '';
	return `A good frame costs least with ${names[least]}: ${money(costs[least])}.`;
}

/**
 * What decides between some ways, in a sentence or three.
 *
 * @example compareInWords(comparison, …) // 'An ND and an eye for ISO 640 expose alike: about 8 in 10 of your frames would be good, hardly any with Wrack 640. An eye for ISO 640 is 4 times faster, hand-held from EV 8 instead of 10. …'
 */
export function compareInWords(comparison: Comparison, compared: ComparedWays): string {
	return [
		comesOut(comparison, compared),
		faster(comparison, compared.names),
		comparison.payback ? paybackInWords(comparison.payback, compared) : cheapest(comparison, compared)
	]
		.filter(Boolean)
		.join(' ');
}

/** What a way is made of. */
export interface WayParts {
	film: string;
	filters: readonly { name: string; sits: 'pack' | 'lens' | 'both' }[];
	flash?: string;
	/** Where it is another one. */
	camera?: string;
	/** Stops; null: as suits each frame. */
	wheel: number | null;
	/** Stops of development. */
	push: number;
	/** The film speed that its eye is made to believe in. */
	eye: number | null;
}

/** Where a filter sits; on the lens nobody says it. */
const sitsInWords = { pack: ' on the pack', lens: '', both: ' over lens and eye' } as const;

/**
 * What a way is called by what it is.
 *
 * @example wayName({ film: 'Wrack 640', filters: [{ name: 'ND 0.6', sits: 'lens' }], wheel: null, push: 0, eye: null }) // 'Wrack 640 with ND 0.6'
 */
export function wayName({ film, filters, flash, camera, wheel, push, eye }: WayParts): string {
	const parts = [
		...filters.map((each) => `${each.name}${sitsInWords[each.sits]}`),
		...(eye === null ? [] : [`an eye for ISO ${eye}`]),
		...(wheel === null ? [] : [`the wheel ${wheelInWords(wheel)}`]),
		...(push === 0 ? [] : [`${stopsInWords(Math.abs(push))} of ${push > 0 ? 'push' : 'pull'}`]),
		...(flash ? [flash] : [])
	];
	const beside = parts.length > 0 ? ` with ${listed(parts)}` : camera ? '' : ' as it is';
	return `${film}${beside}${camera ? ` in ${camera}` : ''}`;
}
