/** What an unmeasured aperture and an unmeasured shutter each leave in doubt: together 0.3 stop; common practice. */
const UNMEASURED = 0.3 / Math.SQRT2;

/**
 * How sure a body is whose opening or shutter was measured.
 *
 * @param measured doubts of what was measured, stops
 * @returns stops
 * @example bodyDoubt({ aperture: 0.1 }) // 0.23
 */
export function bodyDoubt({
	aperture = UNMEASURED,
	shutter = UNMEASURED
}: {
	aperture?: number;
	shutter?: number;
}): number {
	return Math.hypot(aperture, shutter);
}
