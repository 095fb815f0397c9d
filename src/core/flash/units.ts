const METRES_PER_FOOT = 0.3048;

/** A guide number as it is printed on a flash. */
export interface PrintedGuideNumber {
	value: number;
	unit: 'm' | 'ft';
	/** The film speed for which it is printed, ISO. */
	iso: number;
}

/**
 * A printed guide number in metres at ISO 100: it grows with the root of the film speed.
 * Source: the published definition of guide numbers; a foot is 0.3048 m.
 *
 * @returns m at ISO 100
 * @example guideNumberFrom({ value: 80, unit: 'ft', iso: 100 }) // 24.4
 */
export function guideNumberFrom({ value, unit, iso }: PrintedGuideNumber): number {
	return (value * (unit === 'ft' ? METRES_PER_FOOT : 1)) / Math.sqrt(iso / 100);
}
