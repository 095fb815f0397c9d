import { formatStops, roundToThird } from '../core/units';

/** Seconds with a tenth where that is told apart. */
const seconds = (value: number) =>
	`${value < 10 && !Number.isInteger(value) ? value.toFixed(1) : value.toFixed(0)} s`;

/**
 * How long a shutter was held open, next to what was wanted.
 *
 * @param wanted s
 * @param held s
 * @example heldInWords(4, 8) // 'Open 8 s instead of 4 s: 1 stop over.'
 */
export function heldInWords(wanted: number, held: number): string {
	const off = roundToThird(Math.log2(held / wanted));
	const stops = Math.abs(off) > 1 ? 'stops' : 'stop';
	if (off === 0) return `Open ${seconds(held)}, as planned.`;
	const said = `${formatStops(Math.abs(off))} ${stops} ${off > 0 ? 'over' : 'under'}`;
	return `Open ${seconds(held)} instead of ${seconds(wanted)}: ${said}.`;
}
