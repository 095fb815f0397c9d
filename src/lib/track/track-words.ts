import type { Coordinates } from '$contract/coordinates';

const MINUTE = 60_000;
const HOUR = 60 * MINUTE;

/**
 * By how much times move.
 *
 * @param shift ms, + = later
 * @example shiftInWords(3_720_000) // 'All frames move 1 h 2 min later.'
 */
export function shiftInWords(shift: number): string {
	if (shift === 0) return 'As it is logged: nothing moves.';
	const size = Math.abs(shift);
	const parts = [
		[Math.floor(size / HOUR), 'h'],
		[Math.floor((size % HOUR) / MINUTE), 'min'],
		[Math.round((size % MINUTE) / 1000), 's']
	] as const;
	const said = parts.filter(([count]) => count > 0).map(([count, unit]) => `${count} ${unit}`);
	return `All frames move ${said.join(' ')} ${shift > 0 ? 'later' : 'earlier'}.`;
}

const DIGITS = 4;

/**
 * A place by its degrees.
 *
 * @example coordinatesInWords({ latitude: -33.5, longitude: 7.25 }) // '33.5000° S, 7.2500° E'
 */
export function coordinatesInWords({ latitude, longitude }: Coordinates): string {
	const degrees = (value: number, above: string, below: string) =>
		`${Math.abs(value).toFixed(DIGITS)}°\u00a0${value < 0 ? below : above}`;
	return `${degrees(latitude, 'N', 'S')}, ${degrees(longitude, 'E', 'W')}`;
}
