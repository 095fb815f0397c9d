import sharp from 'sharp';
import { pictureEndings, type PictureType } from '$contract/pictures';

/** Pixels that a picture may have: what a good scan of a large negative has. */
const MOST_PIXELS = 120e6;
/** Longest side of a thumbnail, pixels. */
const THUMBNAIL = 480;
const MOST_SECONDS = 30;

/** How files of each type begin, told by their bytes: a name proves nothing. Source: the formats' own definitions. */
const beginnings: readonly { type: PictureType; at: number; bytes: readonly number[] }[] = [
	{ type: 'image/jpeg', at: 0, bytes: [0xff, 0xd8, 0xff] },
	{ type: 'image/png', at: 0, bytes: [0x89, 0x50, 0x4e, 0x47, 0x0d, 0x0a, 0x1a, 0x0a] },
	{ type: 'image/webp', at: 8, bytes: [0x57, 0x45, 0x42, 0x50] },
	{ type: 'image/tiff', at: 0, bytes: [0x49, 0x49, 0x2a, 0x00] },
	{ type: 'image/tiff', at: 0, bytes: [0x4d, 0x4d, 0x00, 0x2a] }
];

/** A picture that was looked through: safe to keep. */
export interface ReadPicture {
	type: PictureType;
	width: number;
	height: number;
	thumbnail: Buffer;
}

/** What kind of picture begins with some bytes. */
export const typeOf = (bytes: Buffer): PictureType | undefined =>
	beginnings.find(({ at, bytes: expected }) => expected.every((byte, index) => bytes[at + index] === byte))
		?.type;

/** What is wrong with a file's name, or nothing. */
export function nameProblem(name: string): string {
	if (name.trim() === '' || name.length > 200) return 'The file needs a name of at most 200 letters.';
	const plain = !/[\\/\0]/.test(name) && name !== '.' && name !== '..';
	return plain ? '' : 'A file’s name cannot hold a path.';
}

function mismatch(name: string, type: PictureType): string {
	const ending = /[.]([a-z0-9]+)$/i.exec(name)?.[1].toLowerCase();
	if (ending !== undefined && pictureEndings[type].includes(ending)) return '';
	return `It is called ${name}, but it is a ${type.slice('image/'.length).toUpperCase()} file.`;
}

/**
 * Looks through a picture and makes its thumbnail: upright, in sRGB, without any metadata.
 *
 * @param isBomb looks whether a PNG unpacks to too much: beside the server
 * @returns the picture, or in words why it is not taken
 */
export async function readPicture(
	name: string,
	bytes: Buffer,
	isBomb: (png: Buffer) => Promise<boolean>
): Promise<ReadPicture | { problem: string }> {
	const problem = nameProblem(name);
	if (problem) return { problem };
	const type = typeOf(bytes);
	if (!type) return { problem: 'This is no picture that is taken here: JPEG, PNG, WebP and TIFF are.' };
	const wrong = mismatch(name, type);
	if (wrong) return { problem: wrong };
	if (type === 'image/png' && (await isBomb(bytes))) {
		return { problem: 'This picture unpacks to far more than it should.' };
	}
	try {
		const source = sharp(bytes, { limitInputPixels: MOST_PIXELS, failOn: 'error', pages: 1 });
		const { width, height, autoOrient } = await source.metadata();
		if (!width || !height) return { problem: 'This picture has no size.' };
		if (width * height > MOST_PIXELS) {
			return {
				problem: `It has ${Math.round((width * height) / 1e6)} million pixels: ${MOST_PIXELS / 1e6} can be.`
			};
		}
		const thumbnail = await source
			.autoOrient()
			.resize(THUMBNAIL, THUMBNAIL, { fit: 'inside', withoutEnlargement: true })
			.toColourspace('srgb')
			.timeout({ seconds: MOST_SECONDS })
			.webp({ quality: 82 })
			.toBuffer();
		return { type, width: autoOrient.width, height: autoOrient.height, thumbnail };
	} catch (error) {
		return { problem: problemOf(error) };
	}
}

function problemOf(error: unknown): string {
	const said = error instanceof Error ? error.message : '';
	if (said.includes('pixel limit')) return `It has too many pixels: ${MOST_PIXELS / 1e6} million can be.`;
	return 'This picture is damaged, or not what it says it is.';
}
