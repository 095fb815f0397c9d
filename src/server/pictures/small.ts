import sharp, { type Sharp } from 'sharp';

/** Pixels that a picture may have: what a good scan of a large negative has. */
export const MOST_PIXELS = 120e6;
/** Longest side of a small picture, pixels. */
const LONGEST = 480;
const MOST_SECONDS = 30;

/** A picture small, in sRGB, without any metadata. */
export const small = (source: Sharp): Promise<Buffer> =>
	source
		.resize(LONGEST, LONGEST, { fit: 'inside', withoutEnlargement: true })
		.toColourspace('srgb')
		.timeout({ seconds: MOST_SECONDS })
		.webp({ quality: 82 })
		.toBuffer();

/** What stands for a picture that nothing here can show: an empty frame. */
export const emptyFrame = (): Promise<Buffer> =>
	small(
		sharp(
			Buffer.from(
				'<svg xmlns="http://www.w3.org/2000/svg" width="320" height="240"><rect width="320" height="240" fill="#e8e8e8"/><path d="M24 24h272v192H24zM24 216 296 24" fill="none" stroke="#6b6b6b" stroke-width="4"/></svg>'
			)
		)
	);
