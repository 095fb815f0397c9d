import type { Camera, Filter } from '../camera';
import { speedDoubt, type Film } from '../film';
import { FLASH_SD, shotDoubt } from '../flash';
import { isDaylight, resolveLight, type Light } from '../light';
import { litAt, type FlashFired, type MadeSetting } from '../match';
import { posterior, type Seen } from './bayes';

/** A judged frame that a flash lit. */
export interface FlashFrame {
	camera: Camera;
	film: Film;
	light: Light;
	settings: MadeSetting;
	flash: FlashFired;
	/** m; without it a flash frame says nothing. */
	distance: number;
	handheld?: boolean;
	filters?: Filter[];
	exposures?: number;
	judged: { stops: number; sd: number };
}

/** What judged frames teach of a flash. */
export interface FlashLearnt {
	/** + = it gives more than its number says. */
	stops: number;
	sd: number;
	/** m at ISO 100: what its number should be. */
	guideNumber: number;
	/** Frames that it was learnt from. */
	frames: number;
}

/** A frame speaks of the flash where at least this part of its light came from it; common practice. */
const SHARE = 1 / 2;

function seenIn(frame: FlashFrame, guideNumber: number): Seen | null {
	const { camera, film, light, judged, settings, distance, handheld, filters, exposures } = frame;
	const intent = { handheld, filters, exposures, subjectDistance: distance };
	const flash = { ...frame.flash, guideNumber };
	const { outcome, change } = litAt(camera, film, light, intent, { ...settings, flash });
	const share = 1 - 2 ** (change.background - outcome.error);
	if (share < SHARE) return null;
	const sd = Math.hypot(
		judged.sd,
		speedDoubt(film),
		share * shotDoubt(isDaylight(light)),
		(1 - share) * resolveLight(light).sd
	);
	return { x: [share], y: judged.stops - outcome.error, sd };
}

/**
 * What a flash really gives, from judged frames that it lit at a known distance. Each frame counts by
 * the part of its light that came from the flash.
 *
 * @param guideNumber that the flash is taken to have now, m at ISO 100
 * @param frames of this flash, by any camera
 * @returns null where no frame says anything
 * @example learnFlash(16, [a frame judged ⅔ stop too dark, twice]).guideNumber // about 13
 */
export function learnFlash(guideNumber: number, frames: readonly FlashFrame[]): FlashLearnt | null {
	const seen = frames.flatMap((frame) => seenIn(frame, guideNumber) ?? []);
	if (seen.length === 0) return null;
	const [{ mean, sd }] = posterior(seen, [{ mean: 0, sd: FLASH_SD }]);
	return { stops: mean, sd, guideNumber: guideNumber * 2 ** (mean / 2), frames: seen.length };
}
