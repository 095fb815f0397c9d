/** What a picture belongs to. */
export type PictureOwner = 'frame' | 'camera';

/** A picture that was kept, without its pixels. */
export interface PictureRecord {
	id: string;
	/** File name as it was. */
	name: string;
	type: string;
	/** Pixels, as it is to be seen. */
	width: number;
	height: number;
	addedAt: string;
}

/** Kinds of pictures that are taken. */
export const pictureTypes = ['image/jpeg', 'image/png', 'image/webp', 'image/tiff'] as const;
export type PictureType = (typeof pictureTypes)[number];

/** How files of each kind end; the first is the usual one. */
export const pictureEndings: Readonly<Record<PictureType, readonly string[]>> = {
	'image/jpeg': ['jpg', 'jpeg'],
	'image/png': ['png'],
	'image/webp': ['webp'],
	'image/tiff': ['tif', 'tiff']
};

/** Largest picture file, bytes. */
export const MOST_PICTURE_BYTES = 40 * 1024 ** 2;
