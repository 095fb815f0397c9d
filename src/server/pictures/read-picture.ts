import { isHttpError } from '@sveltejs/kit';
import sharp from 'sharp';
import { endingOf, pictureEndings, type PictureType } from '$contract/pictures';
import { heicShown, type Shown } from './heic';
import { typeOf } from './kinds';
import { isPngBomb } from './png-data';
import { insideRaw } from './raw';
import { emptyFrame, MOST_PIXELS, small } from './small';

/** A picture that was looked through: safe to keep. */
export interface ReadPicture extends Shown {
	type: PictureType;
}

/** What is much work, and may be done beside the server. */
export interface Heavy {
	isPngBomb: (png: Buffer) => Promise<boolean>;
	heicShown: (heic: Buffer) => Promise<Shown>;
}

/** What is wrong with a file's name, or nothing. */
export function nameProblem(name: string): string {
	if (name.trim() === '' || name.length > 200) return 'The file needs a name of at most 200 characters.';
	const plain = !/[\\/\0]/.test(name) && name !== '.' && name !== '..';
	return plain ? '' : 'A file’s name cannot hold a path.';
}

function mismatch(name: string, type: PictureType): string {
	if (pictureEndings[type].includes(endingOf(name))) return '';
	const kind = type === 'image/x-raw' ? 'raw' : type.slice('image/'.length).toUpperCase();
	return `It’s called ${name}, but it’s a ${kind} file.`;
}

/** A word for somebody, in place of a picture. */
class NotTaken extends Error {}

const opened = (bytes: Buffer) => sharp(bytes, { limitInputPixels: MOST_PIXELS, failOn: 'error', pages: 1 });

/** Its sides as it lies there; refused where there are too many pixels or none. */
async function sidesOf(bytes: Buffer) {
	const { width, height, autoOrient } = await opened(bytes).metadata();
	if (!width || !height) throw new NotTaken('This picture has no size.');
	if (width * height > MOST_PIXELS)
		throw new NotTaken(
			`It has ${Math.round((width * height) / 1e6)} million pixels. At most ${MOST_PIXELS / 1e6} million are allowed.`
		);
	return autoOrient;
}

async function plainShown(bytes: Buffer): Promise<Shown> {
	const { width, height } = await sidesOf(bytes);
	return { width, height, thumbnail: await small(opened(bytes).autoOrient()) };
}

/** Quarters by which a camera was turned, degrees. Source: EXIF 2.3, Orientation; mirrored ones are not made. */
const turns: Readonly<Record<number, number>> = { 3: 180, 6: 90, 8: 270 };

/** A raw file is kept as it is; shown is what its camera made of it, where that can be read here. */
async function rawShown(bytes: Buffer): Promise<Shown> {
	const inside = await insideRaw(bytes);
	if (!inside) throw new NotTaken('This raw file can’t be read here. Convert it to TIFF or JPEG.');
	const { width, height, preview, orientation } = inside;
	return { width, height, thumbnail: await previewShown(preview, orientation).catch(emptyFrame) };
}

async function previewShown(preview: Buffer | null, orientation: number): Promise<Buffer> {
	if (!preview) return emptyFrame();
	await sidesOf(preview);
	const said = (await opened(preview).metadata()).orientation;
	const source = opened(preview);
	return small(said ? source.autoOrient() : source.rotate(turns[orientation] ?? 0));
}

/** Done here and now. */
const atOnce: Heavy = { isPngBomb, heicShown };

async function shownOf(type: PictureType, bytes: Buffer, heavy: Heavy): Promise<Shown> {
	if (type === 'image/x-raw') return rawShown(bytes);
	if (type === 'image/png' && (await heavy.isPngBomb(bytes)))
		throw new NotTaken('This picture unpacks to far more than it should.');
	if (type !== 'image/heic') return plainShown(bytes);
	await sidesOf(bytes);
	return heavy.heicShown(bytes);
}

/**
 * Looks through a picture and makes its thumbnail: upright, in sRGB, without any metadata.
 *
 * @param heavy how much work is done: at once where nobody waits
 * @returns the picture, or in words why it is not taken
 */
export async function readPicture(
	name: string,
	bytes: Buffer,
	heavy: Heavy = atOnce
): Promise<ReadPicture | { problem: string }> {
	const problem = nameProblem(name);
	if (problem) return { problem };
	const type = typeOf(name, bytes);
	if (!type) {
		return {
			problem: 'This kind of file isn’t accepted. Use JPEG, PNG, WebP, TIFF, HEIC, AVIF or raw.'
		};
	}
	const wrong = mismatch(name, type);
	if (wrong) return { problem: wrong };
	try {
		return { type, ...(await shownOf(type, bytes, heavy)) };
	} catch (error) {
		// What was not done for want of time or room is nothing that is wrong with it.
		if (isHttpError(error)) throw error;
		return { problem: problemOf(error) };
	}
}

function problemOf(error: unknown): string {
	if (error instanceof NotTaken) return error.message;
	const said = error instanceof Error ? error.message : '';
	if (said.includes('pixel limit'))
		return `It has too many pixels. At most ${MOST_PIXELS / 1e6} million are allowed.`;
	return 'This picture is damaged, or not what it says it is.';
}
