/** Stops are factors of two in light; on screen and on paper they are counted in thirds. */

const thirdGlyphs = ['', '⅓', '⅔'] as const;

/**
 * Rounds a number of stops to the nearest third.
 *
 * @param stops any number of stops
 * @returns the nearest multiple of a third of a stop, never negative zero
 * @example roundToThird(0.44) // 0.333…
 */
export function roundToThird(stops: number): number {
	return Math.round(stops * 3) / 3 || 0;
}

/** Less than this, either way, rounds to no third at all: no word is lost on it. */
export const NO_THIRD = 1 / 6;

/** What is so near to a half is one: of a wheel in halves, or two films that lie a half apart. */
const A_HALF = 0.02;

/**
 * Writes an amount of stops in thirds as a real fraction, a half where it is one, without a sign: the
 * words beside it say which way it goes.
 *
 * @param stops stops; the sign is dropped
 * @returns for example "⅔", "1⅓", "0"
 * @example formatStops(-1.3) // '1⅓'
 */
export function formatStops(stops: number): string {
	const amount = Math.abs(stops);
	const below = Math.floor(amount);
	if (Math.abs(amount - below - 0.5) < A_HALF) return `${below || ''}½`;
	const thirds = Math.round(amount * 3);
	const whole = Math.floor(thirds / 3);
	const fraction = thirdGlyphs[thirds % 3];
	return whole === 0 && fraction ? fraction : `${whole}${fraction}`;
}

/** Doubts nearer than this to a half are a half. */
const NEAR_HALF = 1 / 12;
const LEAST_DOUBT = 1 / 3;

/**
 * Writes a doubt: in thirds, but a half where it is one, and never less than a third, which is as
 * fine as light is read.
 *
 * @param sd stops
 * @example formatDoubt(0.5) // '½'
 */
export function formatDoubt(sd: number): string {
	const whole = Math.floor(sd);
	if (Math.abs(sd - whole - 0.5) < NEAR_HALF) return `${whole || ''}½`;
	return formatStops(Math.max(sd, LEAST_DOUBT));
}

/**
 * Writes an EV in thirds; below zero with a real minus sign, as an EV scale has one.
 *
 * @param ev exposure value at ISO 100
 * @example formatEv(14.64) // '14⅔'
 */
export function formatEv(ev: number): string {
	const rounded = roundToThird(ev);
	return `${rounded < 0 ? '−' : ''}${formatStops(rounded)}`;
}
