/**
 * How far beside the finder's middle the lens looks: by similar triangles the lens' axis runs beside
 * the finder's at the same distance everywhere, so what the finder has in its middle stands that much
 * off in the picture, f·h/d on the film. Source: similar triangles.
 *
 * @param offset of the finder from the lens, mm
 * @param distance to the subject, m
 * @param focalLength mm
 * @returns shift on the film, mm
 * @example parallaxOnFilm(50, 1, 100) // 5
 */
export function parallaxOnFilm(offset: number, distance: number, focalLength: number): number {
	return (focalLength * offset) / (distance * 1000);
}

/**
 * Nearer than this, parallax takes more than a part of the frame.
 *
 * @param side length of the frame's side, mm
 * @param part of it that may be lost
 * @returns m
 * @example parallaxMattersWithin(50, 100, 80, 0.05) // 1.25
 */
export function parallaxMattersWithin(
	offset: number,
	focalLength: number,
	side: number,
	part: number
): number {
	return (focalLength * Math.abs(offset)) / (side * part) / 1000;
}
