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
