import { formatStops, meanOf, NO_THIRD, spreadOf, stopsInWords } from '../core/units';
import { clockInWords } from './clock';
import { sideOf } from './practice';

/** Lights of a walk. */
export const WALK = 5;

const offInWords = (stops: number) =>
	Math.abs(stops) < NO_THIRD ? 'right' : `${stopsInWords(stops)} ${sideOf(stops)}`;

/**
 * How an eye did on a walk: on the whole, and the one that was farthest off.
 *
 * @param errors of its guesses, stops, + = taken for brighter than it was
 * @param seconds that it took
 * @example walkInWords([0, 1 / 3, 1, 1, 2 / 3], 75).what // 'Five lights in 1:15: ⅔ stop too bright on average.'
 */
export function walkInWords(errors: readonly number[], seconds: number): { what: string; how: string } {
	const bias = meanOf(errors);
	const worst = errors.reduce((a, b) => (Math.abs(b) > Math.abs(a) ? b : a));
	const spread = spreadOf(errors) * Math.sqrt(errors.length / (errors.length - 1));
	const average = Math.abs(bias) < NO_THIRD ? 'right on average' : `${offInWords(bias)} on average`;
	return {
		what: `Five lights in ${clockInWords(seconds)}: ${average}.`,
		how:
			Math.abs(worst) < NO_THIRD
				? 'None of them was off by a third.'
				: `The one farthest off was ${offInWords(worst)}; from light to light they differ by ${spread < NO_THIRD ? 'next to nothing' : formatStops(spread)}.`
	};
}
