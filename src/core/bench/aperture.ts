/** A measured value with its doubt. */
export interface FNumber {
	/** f-number */
	f: number;
	/** Doubt, stops. */
	sd: number;
}

/**
 * The f-number of an opening that was measured: N = f/D; a ruler's error δ of the diameter D is
 * 2·δ/(D·ln 2) stops. Source: the definition of the f-number, ISO 517.
 *
 * @param focalLength mm
 * @param opening diameter as seen through the front of the lens, mm
 * @param rulerSd doubt of the diameter, mm
 * @param focalSd doubt of the focal length, mm
 * @example fNumberOf(95, 6, 0.5) // { f: 15.8, sd: 0.24 }
 */
export function fNumberOf(focalLength: number, opening: number, rulerSd: number, focalSd = 0): FNumber {
	const stopsOf = (error: number, length: number) => (2 * error) / (length * Math.LN2);
	return {
		f: focalLength / opening,
		sd: Math.hypot(stopsOf(rulerSd, opening), stopsOf(focalSd, focalLength))
	};
}

/**
 * The focal length from one sharp image: 1/f = 1/u + 1/v. Source: the thin lens.
 *
 * @param object distance from lens to object, mm
 * @param image distance from lens to image, mm
 * @example focalLengthByImage(1000, 100) // 90.9
 */
export function focalLengthByImage(object: number, image: number): number {
	return (object * image) / (object + image);
}

const HALVINGS = 60;

/**
 * The focal length from two sharp distances and how far the lens moved between them: the extension
 * past infinity is f²/(u − f). Source: the thin lens.
 *
 * @param near distance from lens to the nearer object, mm
 * @param far distance to the farther one, mm
 * @param moved by how much farther out the lens stood for the nearer one, mm
 * @returns mm, or null where no lens does that
 * @example focalLengthByTwo(1000, 3000, 7.76) // 100
 */
export function focalLengthByTwo(near: number, far: number, moved: number): number | null {
	const movedBy = (focal: number) => focal ** 2 / (near - focal) - focal ** 2 / (far - focal);
	let [short, long] = [0, near / 2];
	if (!(moved > 0) || far <= near || movedBy(long) < moved) return null;
	for (let halving = 0; halving < HALVINGS; halving++) {
		const middle = (short + long) / 2;
		if (movedBy(middle) < moved) short = middle;
		else long = middle;
	}
	return (short + long) / 2;
}

/** A point of a picture, px. */
export interface PicturePoint {
	x: number;
	y: number;
}

/** What is marked in a photo of a lens from the front. */
export interface LensPhoto {
	/** The two edges of the opening. */
	opening: readonly [PicturePoint, PicturePoint];
	/** The two ends of something of known length beside the lens, facing the camera. */
	beside: readonly [PicturePoint, PicturePoint];
	/** That length, mm. */
	length: number;
	/** How far away the photo was taken, mm. */
	distance: number;
	/** Doubt of a mark, px. */
	markSd: number;
}

/**
 * What is seen of an opening through the front of a lens lies behind its rim by this, mm, and a coin beside it does
 * not: the picture makes it look so much smaller as it is farther. Common practice.
 */
const BEHIND_RIM = 15;

/**
 * The opening of a lens in a photo of its front: as long as what lies beside it, part by part.
 * Source: similar triangles.
 *
 * @returns diameter and its doubt, mm; null where two marks are one
 * @example openingInPhoto({ opening 120 px, beside 400 px, length: 20, distance: 1000, markSd: 1 }) // { opening: 6, sd: 0.12 }
 */
export function openingInPhoto(photo: LensPhoto): { opening: number; sd: number } | null {
	const { length, distance, markSd } = photo;
	const [across, beside] = [photo.opening, photo.beside].map(([a, b]) => Math.hypot(a.x - b.x, a.y - b.y));
	if (!(across > 0) || !(beside > 0)) return null;
	const opening = (length * across) / beside;
	const parts = [(Math.SQRT2 * markSd) / across, (Math.SQRT2 * markSd) / beside, BEHIND_RIM / distance];
	return { opening, sd: opening * Math.hypot(...parts) };
}
