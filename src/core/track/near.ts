/** How far places are from each other along the earth. */

/** A place on the earth. */
export interface Place {
	/** Degrees, + north and + east. */
	latitude: number;
	longitude: number;
}

/** Mean radius of the earth, m. Source: IUGG. */
const EARTH = 6_371_009;
const RADIAN = Math.PI / 180;

/** A longitude's difference by the shorter way, degrees. */
export const turn = (degrees: number) => ((((degrees + 180) % 360) + 360) % 360) - 180;

/**
 * The distance of two places along the earth.
 *
 * Source: the haversine formula, which holds at any distance.
 *
 * @returns m
 * @example metresBetween({ latitude: 0, longitude: 0 }, { latitude: 0, longitude: 1 }) // 111 195
 */
export function metresBetween(one: Place, other: Place): number {
	const [a, b] = [one.latitude * RADIAN, other.latitude * RADIAN];
	const north = Math.sin((b - a) / 2) ** 2;
	const east = Math.sin((turn(other.longitude - one.longitude) * RADIAN) / 2) ** 2;
	return 2 * EARTH * Math.asin(Math.min(1, Math.sqrt(north + Math.cos(a) * Math.cos(b) * east)));
}

/** A place is called by the name of one that lies so near, m. */
const SAME_PLACE = 300;

/**
 * The nearest of some places, where it is near enough to be called by its name.
 *
 * @example nearestPlace([{ name: 'Quay', latitude: 0, longitude: 0 }], { latitude: 0, longitude: 0.001 })?.name // 'Quay'
 */
export function nearestPlace<T extends Place>(places: readonly T[], at: Place): T | null {
	const away = places.map((place) => ({ place, metres: metresBetween(place, at) }));
	const [nearest] = away.toSorted((a, b) => a.metres - b.metres);
	return nearest && nearest.metres <= SAME_PLACE ? nearest.place : null;
}
