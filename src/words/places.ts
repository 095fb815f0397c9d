const DIGITS = 4;

/**
 * A place by its degrees.
 *
 * @example coordinatesInWords({ latitude: -33.5, longitude: 7.25 }) // '33.5000° S, 7.2500° E'
 */
export function coordinatesInWords({ latitude, longitude }: { latitude: number; longitude: number }): string {
	const degrees = (value: number, above: string, below: string) =>
		`${Math.abs(value).toFixed(DIGITS)}°\u00a0${value < 0 ? below : above}`;
	return `${degrees(latitude, 'N', 'S')}, ${degrees(longitude, 'E', 'W')}`;
}
