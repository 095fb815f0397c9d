import type { Camera } from '../camera';
import { parallaxOnFilm } from './parallax';

/** What of a body tells where to aim: a finder beside the lens, mm, and a back that takes another part. */
export interface AimedBody {
	/** Where the finder stands from the lens, mm: above it, and to its right. */
	finder?: { above: number; right?: number };
	/** Where the middle of the picture stands in the finder, parts of the frame below and right of its middle. */
	back?: { below: number; right?: number };
}

/** A place in the finder's frame, parts of the frame right of and below its middle. */
export interface Aimed {
	right: number;
	below: number;
}

/**
 * Where to put in the finder what is to stand in the middle of the picture: the finder looks past the
 * lens by f·h/d, and a back may take a part of the frame that is not its middle.
 * Source: similar triangles; see parallaxOnFilm.
 *
 * @param distance of the subject, m
 * @returns parts of the frame
 * @example aimedAt({ finder: { above: 50 } }, 100 mm on 80 × 100, 1) // { right: 0, below: 0.05 }
 */
export function aimedAt(
	{ finder, back }: AimedBody,
	{ focalLength, frame }: Pick<Camera, 'focalLength' | 'frame'>,
	distance: number
): Aimed {
	const shift = (offset: number) => parallaxOnFilm(offset, distance, focalLength);
	return {
		right: -shift(finder?.right ?? 0) / frame.width + (back?.right ?? 0),
		below: shift(finder?.above ?? 0) / frame.height + (back?.below ?? 0)
	};
}
