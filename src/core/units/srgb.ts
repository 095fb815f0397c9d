/** The transfer between light and the numbers of a picture. Source: IEC 61966-2-1. */

/**
 * A channel of sRGB as light.
 *
 * @param encoded 0 … 1
 * @returns 0 … 1
 * @example linearOf(0.4633) // 0.18
 */
export function linearOf(encoded: number): number {
	return encoded <= 0.04045 ? encoded / 12.92 : ((encoded + 0.055) / 1.055) ** 2.4;
}

/**
 * Light as a channel of sRGB; what is brighter than white is white.
 *
 * @param linear 0 …
 * @returns 0 … 1
 * @example encodedOf(0.18) // 0.4614
 */
export function encodedOf(linear: number): number {
	const light = Math.min(1, Math.max(0, linear));
	return light <= 0.0031308 ? 12.92 * light : 1.055 * light ** (1 / 2.4) - 0.055;
}

/**
 * Luminance of a colour in linear light. Source: IEC 61966-2-1 with the primaries of ITU-R BT.709.
 *
 * @param red linear, as are the others
 * @returns in the same unit
 * @example luminanceOf(1, 1, 1) // 1
 */
export function luminanceOf(red: number, green: number, blue: number): number {
	return 0.2126 * red + 0.7152 * green + 0.0722 * blue;
}
