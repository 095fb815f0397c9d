/** Doubt of a flash, stops: guide numbers are measured in rooms; common practice. */
export const FLASH_SD = 1 / 3;

/** A subject's distance is guessed to so much of it; common practice. */
const DISTANCE_PART = 0.15;
/** What that makes of a flash's light, which goes by the square of the distance, stops: 0.4. */
const FLASH_DISTANCE_SD = 2 * Math.log2(1 + DISTANCE_PART);

/** Outdoors nothing throws a flash's light back, as the walls do for which its number holds; stops, common practice. */
export const OPEN_AIR = { stops: 2 / 3, sd: 1 / 3 } as const;

/** What a shot by flash leaves in doubt beside its number: the distance, and the open air; stops. */
export const shotDoubt = (outdoors: boolean): number =>
	Math.hypot(FLASH_DISTANCE_SD, outdoors ? OPEN_AIR.sd : 0);

/** Doubt of the light of a flash, stops. */
export const flashDoubt = (outdoors: boolean): number => Math.hypot(FLASH_SD, shotDoubt(outdoors));

/** What stands between a flash and its subject. */
export interface FlashLoss {
	name: string;
	/** Stops that it takes. */
	stops: number;
}

/** What is put before a flash. Stops: common practice, to be tried out. */
export const flashLosses: readonly FlashLoss[] = [
	{ name: 'direct', stops: 0 },
	{ name: 'through a handkerchief', stops: 1 },
	{ name: 'through a diffuser', stops: 4 / 3 },
	{ name: 'through a small softbox', stops: 5 / 3 }
];

/**
 * The guide number that is left behind what takes light: a stop of light is a root of two of it.
 *
 * @param guideNumber m
 * @param loss stops
 * @returns m
 * @example lessGuideNumber(28, 2) // 14
 */
export function lessGuideNumber(guideNumber: number, loss = 0): number {
	return guideNumber * 2 ** (-loss / 2);
}

/** White paint gives back about half of the light; common practice. */
const PAINT = 1;

/**
 * What a bounce off a white ceiling costs: the way is longer, and the paint keeps half.
 * Source: the inverse square law along the way up and down.
 *
 * @param distance of the subject, m
 * @param up from the flash to the ceiling, m
 * @returns stops
 * @example bounceLoss(2, 1.5) // 2.7
 */
export function bounceLoss(distance: number, up: number): number {
	return 2 * Math.log2(Math.hypot(distance, 2 * up) / distance) + PAINT;
}
