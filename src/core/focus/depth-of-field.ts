/** Thin-lens depth of field; the usual published equations, lengths in mm inside, distances in m outside. */

export interface SharpZone {
	/** m */
	from: number;
	/** m; null = infinity */
	to: number | null;
}

const MM_PER_M = 1000;

/**
 * Hyperfocal distance: H = f²/(N·c) + f.
 *
 * @param focalLength mm
 * @param f f-number
 * @param circle circle of confusion, mm
 * @returns m
 * @example hyperfocal(28, 16, 0.05) // 1.008
 */
export function hyperfocal(focalLength: number, f: number, circle: number): number {
	return (focalLength ** 2 / (f * circle) + focalLength) / MM_PER_M;
}

/**
 * The zone that comes out sharp: near = s(H−f)/(H+s−2f), far = s(H−f)/(H−s), infinite at s ≥ H.
 * A lens set to infinity is sharp from H on.
 *
 * @param focalLength mm
 * @param f f-number
 * @param circle circle of confusion, mm
 * @param distance focused distance s, m; null = infinity
 * @example sharpZone(28, 11, 0.05, null).from // 1.45
 */
export function sharpZone(
	focalLength: number,
	f: number,
	circle: number,
	distance: number | null
): SharpZone {
	const h = hyperfocal(focalLength, f, circle);
	if (distance === null) return { from: h, to: null };
	const lens = focalLength / MM_PER_M;
	const from = (distance * (h - lens)) / (h + distance - 2 * lens);
	return { from, to: distance >= h ? null : (distance * (h - lens)) / (h - distance) };
}

/**
 * The circle to which a point out of focus is blurred on film: (f²/N)·|1 − s/d|/(s − f); with the lens
 * at infinity (f²/N)/d. It is one circle of confusion at both ends of the sharp zone.
 *
 * @param focalLength mm
 * @param f f-number
 * @param focused focused distance s, m; null = infinity
 * @param distance of the point d, m
 * @returns mm
 * @example blurOf(28, 11, null, 1.425) // 0.05
 */
export function blurOf(focalLength: number, f: number, focused: number | null, distance: number): number {
	const opening = focalLength ** 2 / f / MM_PER_M;
	if (focused === null) return Math.abs(opening / distance);
	return (opening * Math.abs(1 - focused / distance)) / (focused - focalLength / MM_PER_M);
}
