import type { BathKind, Measured, StepDone, Timed } from '../develop';

/** What a bath is called. */
export const bathInWords: Readonly<Record<BathKind, string>> = {
	'general-developer': 'developer, general purpose',
	'fine-grain-developer': 'developer, fine grain',
	'staining-developer': 'developer, staining',
	'reversal-developer': 'first developer for reversal',
	stop: 'stop bath',
	fixer: 'fixer'
};

/**
 * An amount as it is measured: tenths where they can be.
 *
 * @param unit ml or g
 * @example amountInWords({ name: 'A', amount: 58.82 }, 'ml') // '58.8 ml'
 */
export function amountInWords({ amount }: Measured, unit: 'ml' | 'g'): string {
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
	return `Developed in ${recipe}${time} at ${celsius.join(' to ')} °C.`;
}
