import {
	isTold,
	shortestTold,
	wheelByPlaces,
	type AskedFiring,
	type EyeCurve,
	type EyeNote,
	type Timing,
	type Turned
} from '../core/bench';
import { formatDoubt, formatTime, stopsInWords } from '../core/units';
import { listed } from './language';
import { wheelInWords } from './settings';

/** What firings of an empty camera say of themselves, in words. */
const notes: Readonly<Record<EyeNote, string>> = {
	'few-steps':
		'Fewer than three steps lie between the limits: how it follows the light is hardly known. Use steps between them.',
	'dark-steps': 'The darkest steps are hardly brighter than the screen’s black, and say little.',
	'stopped-down':
		'Where it stops down, too, its times say little of its cell: those steps are left out. An ND over the eye makes more of them count.',
	flicker: 'Times shorter than two periods of the screen’s flicker are left out.',
	wild: 'Some firings go with no others: fire those again.'
};

/**
 * What there is to say of firings.
 *
 * @example eyeNotes({ notes: ['flicker'] }) // ['Times shorter than two periods of the screen’s flicker are left out.']
 */
export const eyeNotes = (curve: Pick<EyeCurve, 'notes'>): string[] => curve.notes.map((note) => notes[note]);

/**
 * A step of the screen by its number, as it stands there.
 *
 * @param fraction of the brightest step's light; 0: black
 * @example stepInWords(1 / 8) // 'step 4, 1/8 of the light'
 */
export function stepInWords(fraction: number): string {
	if (fraction === 0) return 'black';
	const step = Math.round(-Math.log2(fraction));
	return `step ${step + 1}, ${step === 0 ? 'all' : `1/${2 ** step}`} of the light`;
}

/**
 * What to fire at next, and where wheel and dial stand for it.
 *
 * @example askedInWords({ fraction: 1 / 8, compensation: -1, why: 'wheel' }, { wheel: [-1, 0, 1], dial: [100] })
 *   // 'Step 4, 1/8 of the light; wheel 1 toward darken'
 */
export function askedInWords(
	{ fraction, compensation = 0, iso, filter }: AskedFiring,
	{ wheel, dial }: Turned
): string {
	const at =
		fraction === undefined
			? 'far brighter: the open sky away from the sun, or a bare bulb'
			: stepInWords(fraction);
	const words = [
		at.replace(/^./, (letter) => letter.toUpperCase()),
		...(filter === undefined ? [] : ['the ND over the eye']),
		...(wheel.length > 1 ? [`wheel ${wheelInWords(compensation)}`] : []),
		...(dial.length > 1 ? [`dial at ${iso ?? dial[0]}`] : [])
	];
	return words.join('; ');
}

/**
 * What of a curve is used when it is taken.
 *
 * @param given what it gives is told by it, too
 * @example usedInWords(a curve with a wheel and both limits, timing, false)
 *   // 'Used are how its cell follows the light, what a stop of its wheel does, its fastest time and its slowest time.'
 */
export function usedInWords(curve: EyeCurve, timing: Timing, given: boolean): string {
	const used = [
		'how its cell follows the light',
		...(wheelByPlaces(curve.wheel) ? ['what a stop of its wheel does'] : []),
		...(curve.dial.length > 0 ? ['what the marks of its dial do'] : []),
		...(isTold(curve.fastest, timing) ? ['its fastest time'] : []),
		...(isTold(curve.slowest, timing) ? ['its slowest time'] : []),
		...(given ? ['what it gives'] : [])
	];
	return `Used ${used.length > 1 ? 'are' : 'is'} ${listed(used)}.`;
}

/** Why it is asked for, where that is not plain. */
export const askedFor: Readonly<Record<AskedFiring['why'], string>> = {
	steps: 'Each step once.',
	black: 'Tells how much light the screen’s black gives.',
	limit: 'Tells how fast it can be. Never point it at the sun.',
	filter:
		'Twice at each of three steps that are known without the ND, too: they tell how strong it really is.',
	farther: 'Darker than the screen alone can be.',
	wheel: 'Five at each place, because one alone scatters.',
	dial: 'Three at each speed.',
	wild: 'Once more: the last one here went with no others.',
	slope: 'Once more, here it tells most.'
};

/** A cell whose slope is this near to one is a good one. */
const EVEN = 0.03;
/** How much dimmer a room is than open shade, stops; common practice. */
const ROOM = 6;

/**
 * What a cell does, and what comes of it where light is scarce.
 *
 * @example slopeInWords({ value: 0.87, sd: 0.02 })
 *   // 'For a stop of light it changes its time by 0.87 of a stop, give or take 0.02: in a room its frames come out ⅔ stop too dark.'
 */
export function slopeInWords({ value, sd }: EyeCurve['slope']): string {
	const much = `For a stop of light it changes its time by ${value.toFixed(2)} of a stop, give or take ${sd.toFixed(2)}`;
	if (Math.abs(value - 1) <= Math.max(EVEN, 2 * sd)) return `${much}: a good cell.`;
	const off = Math.abs(1 - value) * ROOM;
	return `${much}: in a room its frames come out ${stopsInWords(off)} too ${value < 1 ? 'dark' : 'light'}.`;
}

/**
 * A limit as it was found; of one that was not reached, or is too short to be told, how far it goes at least.
 *
 * @example limitInWords({ seconds: 1 / 200, sd: 0.1, reached: true }, { sd: 0.001 }, 'fastest') // '1/60 s or faster'
 */
export function limitInWords(limit: EyeCurve['fastest'], timing: Timing, end: 'fastest' | 'slowest'): string {
	const { seconds, sd } = limit;
	if (isTold(limit, timing) && sd !== null) return `${formatTime(seconds)} ± ${formatDoubt(sd)}`;
	if (end === 'slowest') return `${formatTime(seconds)} or longer`;
	return `${formatTime(Math.max(seconds, shortestTold(timing)))} or faster`;
}
