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

/** A picture with what it belongs to, as lists have it. */
export interface OwnedPicture extends PictureRecord {
	owner: PictureOwner;
	ownerId: string;
}

/** Kinds of pictures into which metadata is written, too. */
export const writtenTypes = ['image/jpeg', 'image/png', 'image/webp', 'image/tiff'] as const;
export type WrittenType = (typeof writtenTypes)[number];

/** Kinds of pictures that are taken. */
export const pictureTypes = [...writtenTypes, 'image/avif', 'image/heic', 'image/x-raw'] as const;
export type PictureType = (typeof pictureTypes)[number];

/** How files of each kind end; the first is the usual one. Raw files are what a sensor saw, each maker's in its own form. */
export const pictureEndings: Readonly<Record<PictureType, readonly string[]>> = {
	'image/jpeg': ['jpg', 'jpeg'],
	'image/png': ['png'],
	'image/webp': ['webp'],
	'image/tiff': ['tif', 'tiff'],
	'image/avif': ['avif'],
	'image/heic': ['heic', 'heif', 'hif'],
	'image/x-raw': ['dng', 'cr2', 'cr3', 'nef', 'nrw', 'arw', 'raf', 'orf', 'rw2', 'pef', 'srw', '3fr', 'iiq']
};

/** What may be chosen: browsers do not know all kinds by their names. */
export const takenFiles = [
	...pictureTypes,
	...Object.values(pictureEndings)
		.flat()
		.map((ending) => `.${ending}`)
].join(',');

/** How a file's name ends, in small letters; an empty text where it does not. */
export const endingOf = (name: string): string => /[.]([a-z0-9]+)$/i.exec(name)?.[1].toLowerCase() ?? '';

/** How a file of a kind is to end: as its name does where that fits, else as is usual. */
export function endingFor(name: string, type: string): string {
	const endings = Object.hasOwn(pictureEndings, type) ? pictureEndings[type as PictureType] : ['bin'];
	const own = endingOf(name);
	return endings.includes(own) ? own : endings[0];
}

/** Largest picture file, bytes. */
export const MOST_PICTURE_BYTES = 40 * 1024 ** 2;
