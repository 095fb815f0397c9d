/** A made-up scene, as light: a shed on a beach with a kite above it, from the darkness of the door to the sun on the water. */

/** A place of the scene: stops above mid grey, and its colour as parts of red, green and blue about 1. */
export interface Spot {
	stops: number;
	tint: readonly [red: number, green: number, blue: number];
}

const NEUTRAL = [1, 1, 1] as const;
const SKY = [0.82, 0.97, 1.21] as const;
const SEA = [0.8, 1.02, 1.18] as const;
const SAND = [1.16, 1.0, 0.84] as const;
const WOOD = [1.22, 0.94, 0.84] as const;
const KITE = [1.5, 0.8, 0.7] as const;

const HORIZON = 0.46;
const SHORE = 0.56;

const inside = (x: number, y: number, left: number, top: number, right: number, bottom: number) =>
	x >= left && x < right && y >= top && y < bottom;

/** A kite: a square on its corner. */
const onKite = (x: number, y: number) => Math.abs(x - 0.68) / 0.075 + Math.abs(y - 0.2) / 0.13 < 1;

/** A roof: a triangle over the shed. */
const onRoof = (x: number, y: number) => y >= 0.3 && y < 0.44 && Math.abs(x - 0.28) < (y - 0.3) * 1.6;

function things(x: number, y: number): Spot | null {
	if (onKite(x, y)) return { stops: x < 0.68 ? 0.6 : -0.2, tint: KITE };
	if (onRoof(x, y)) return { stops: -1.6, tint: NEUTRAL };
	if (inside(x, y, 0.25, 0.56, 0.33, 0.8)) return { stops: -4.2, tint: NEUTRAL };
	if (inside(x, y, 0.36, 0.52, 0.42, 0.62)) return { stops: 2.1, tint: NEUTRAL };
	if (inside(x, y, 0.1, 0.44, 0.46, 0.8)) return { stops: y < 0.5 ? -2.3 : -1.1, tint: WOOD };
	// The card that a careful person puts into a trial: mid grey.
	if (inside(x, y, 0.6, 0.7, 0.72, 0.86)) return { stops: 0, tint: NEUTRAL };
	if (inside(x, y, 0.46, 0.74, 0.58, 0.8)) return { stops: -1.9, tint: SAND };
	return null;
}

/**
 * Light of the scene at a place.
 *
 * @param x 0 left … 1 right
 * @param y 0 top … 1 bottom
 */
export function spotAt(x: number, y: number): Spot {
	const thing = things(x, y);
	if (thing) return thing;
	if (y < HORIZON) return { stops: 1.2 + (1.1 * y) / HORIZON, tint: SKY };
	if (y < SHORE) {
		const glitter = Math.sin(x * 61) * Math.sin(y * 301) > 0.72 && x > 0.5;
		return { stops: glitter ? 3.4 : 0.3, tint: glitter ? NEUTRAL : SEA };
	}
	return { stops: 0.9 + 0.35 * Math.sin(x * 23 + y * 40) * (y - SHORE), tint: SAND };
}
