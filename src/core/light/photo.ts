import { linearOf, luminanceOf, settingsEv, speedStops } from '../units';
import type { PhotoReading, WayOfReading } from './types';

/** Doubt of another camera's metering, stops; common practice. */
const PHOTO_SD = 1 / 2;
/** How much of what a picture came out brighter or darker than mid grey counts: bright subjects are bright by right. */
const LEVEL_SHARE = 1 / 2;

/**
 * Reading light from the settings of a digital picture: EV = log2(N²/t) − log2(S/100), refined by
 * half of the distance of its mean level from mid grey.
 * Source: APEX as in EXIF 2.3 Annex C; the refinement is common practice.
 *
 * @example photo.read({ method: 'photo', iso: 400, f: 8, seconds: 1 / 125 }) // { ev: 10.97, sd: 0.5 }
 */
export const photo: WayOfReading<PhotoReading> = {
	read: ({ iso, f, seconds, level = 0 }) => ({
		ev: settingsEv(f, seconds) - speedStops(iso) + LEVEL_SHARE * level,
		sd: PHOTO_SD
	}),
	note: () => 'digital picture'
};

/** Mid grey reflects 18 % of the light. */
const MID_GREY = 0.18;
/** A picture that is all black or all white says no more than this, stops. */
const MOST_LEVEL = 3;

/**
 * How bright a picture came out.
 *
 * @param pixels sRGB with alpha, 0 … 255, four numbers a pixel
 * @returns stops from mid grey, + = brighter
 * @example levelOf([118, 118, 118, 255]) // 0
 */
export function levelOf(pixels: ArrayLike<number>): number {
	let sum = 0;
	for (let at = 0; at < pixels.length; at += 4) {
		const [red, green, blue] = [0, 1, 2].map((channel) => linearOf(pixels[at + channel] / 255));
		sum += luminanceOf(red, green, blue);
	}
	const level = Math.log2(sum / (pixels.length / 4) / MID_GREY);
	return Math.min(MOST_LEVEL, Math.max(-MOST_LEVEL, level));
}
