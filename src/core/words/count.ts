import { formatStops, roundToThird } from '../units';

/** Seconds with a tenth where that is told apart. */
const seconds = (value: number) =>
	`${value < 10 && !Number.isInteger(value) ? value.toFixed(1) : value.toFixed(0)} s`;

/**
 * How long a shutter was held open, next to what was wanted.
 *
 * @param wanted s
 * @param held s
 * @example heldInWords(4, 8) // 'Held 8 s of 4 s: 1 stop longer.'
 */
export function heldInWords(wanted: number, held: number): string {
	const off = roundToThird(Math.log2(held / wanted));
	const stops = Math.abs(off) > 1 ? 'stops' : 'stop';
	const said =
		off === 0 ? 'as wanted' : `${formatStops(Math.abs(off))} ${stops} ${off > 0 ? 'longer' : 'shorter'}`;
	return `Held ${seconds(held)} of ${seconds(wanted)}: ${said}.`;
}
