/**
 * Logarithmic film speed in degrees for an arithmetic one: 10·log10(S) + 1, to the whole degree
 * (ISO 6, ISO 5800, ISO 2240).
 *
 * @param iso arithmetic film speed, > 0
 * @returns degrees, whole
 * @example degreesFromIso(100) // 21
 */
export function degreesFromIso(iso: number): number {
	return Math.round(10 * Math.log10(iso) + 1);
}

const speedsPerDecade = [10, 12, 16, 20, 25, 32, 40, 50, 64, 80];

/**
 * Arithmetic film speed as it is printed on boxes, for a logarithmic one in degrees
 * (table 1 of ISO 5800: the preferred numbers 10, 12, 16, 20, 25, 32, 40, 50, 64, 80 and their decades; 125, 1250 …
 * stand where the decade is 100 or more).
 *
 * @param degrees whole degrees
 * @example isoFromDegrees(27) // 400
 */
export function isoFromDegrees(degrees: number): number {
	const place = Math.round(degrees) - 11;
	const decade = Math.floor(place / 10);
	const mark = speedsPerDecade[place - decade * 10];
	const scaled = mark * 10 ** decade;
	return mark === 12 && decade >= 1 ? 12.5 * 10 ** decade : Number(scaled.toPrecision(2));
}

/**
 * Reads the speed that is printed on a film box: "400", "ISO 400", "400/27°", or degrees alone, "27°".
 *
 * @param text what was typed
 * @returns arithmetic film speed, or null where there is none to be read
 * @example parseFilmSpeed('27°') // 400
 */
export function parseFilmSpeed(text: string): number | null {
	const match = /^\s*(?:iso|asa)?\s*(?:(\d+(?:[.,]\d+)?)(?:\s*\/\s*\d+\s*°?)?|(\d+)\s*(?:°|din))\s*$/i.exec(
		text
	);
	if (!match) return null;
	const [, arithmetic, degrees] = match;
	return arithmetic ? Number(arithmetic.replace(',', '.')) : isoFromDegrees(Number(degrees));
}
