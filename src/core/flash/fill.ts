import { flashError, together } from './guide-number';

/** The law of guide numbers, turned to what is asked: N · d = GN · √(S/100) · √power. */

/** A flash on a camera: everything of the law but power, distance and what is wanted. */
export interface FlashSetting {
	/** m at ISO 100, full power, less what is before it. */
	guideNumber: number;
	f: number;
	/** Stops that the film is faster than ISO 100, less what filters take. */
	speed: number;
}

/**
 * The part of full power with which a flash gives what is wanted.
 *
 * @param distance m
 * @param wanted exposure of the flash alone, stops; 0 = right
 * @returns 1 = full power; more than 1: it is too weak
 * @example powerFor({ guideNumber: 16, f: 8, speed: 0 }, 1) // 0.25
 */
export function powerFor({ guideNumber, f, speed }: FlashSetting, distance: number, wanted = 0): number {
	return ((f * distance) / guideNumber) ** 2 * 2 ** (wanted - speed);
}

/**
 * The f-number at which a flash gives what is wanted.
 *
 * @example apertureFor({ guideNumber: 16, speed: 0 }, 2) // 8
 */
export function apertureFor(
	{ guideNumber, speed }: Omit<FlashSetting, 'f'>,
	distance: number,
	power = 1,
	wanted = 0
): number {
	return (guideNumber / distance) * Math.sqrt(power) * 2 ** ((speed - wanted) / 2);
}

/** A flash as fill beside the light that is there. */
export interface Fill {
	/** Exposure of the flash alone, stops against the good one. */
	alone: number;
	/** Exposure of what both light, stops against the good one. */
	both: number;
}

/**
 * What a fill flash makes of a subject that the light that is there exposes by `error`.
 *
 * @param error of the light that is there, stops
 * @param right distance at which the flash alone is right, m
 * @param distance of the subject, m
 * @example fillAt(0, 2, 2) // { alone: 0, both: 1 }
 */
export function fillAt(error: number, right: number, distance: number): Fill {
	const alone = flashError(right, distance);
	return { alone, both: together(error, alone) };
}

/** Fill that is usual, stops under the light that is there; common practice. */
export const usualFills = [-1, -2] as const;

/**
 * Where a flash that cannot be turned down must stand to give what is wanted.
 *
 * @param right distance at which the flash alone is right, m
 * @param wanted exposure of the flash alone, stops
 * @returns m
 * @example fillDistance(2, -2) // 4
 */
export function fillDistance(right: number, wanted: number): number {
	return right * 2 ** (-wanted / 2);
}

/**
 * What a flash alone must give so that it and the light that is there come to a total; the inverse of
 * `together`.
 *
 * @param total stops
 * @param error of the light that is there, stops
 * @returns stops; −Infinity where that light gives as much by itself
 * @example aloneFor(0, -1) // -1
 */
export function aloneFor(total: number, error: number): number {
	return total <= error ? -Infinity : Math.log2(2 ** total - 2 ** error);
}
