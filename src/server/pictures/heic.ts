import sharp from 'sharp';
import { small } from './small';

/** A picture as it is kept small. */
export interface Shown {
	/** Pixels, as it is to be seen. */
	width: number;
	height: number;
	thumbnail: Buffer;
}

/** The small picture of a HEIC file, by libheif, upright as it says: much work, done beside the server. */
export async function heicShown(bytes: Uint8Array): Promise<Shown> {
	// Large, and read only where somebody brings such a file.
	const { all } = await import('heic-decode');
	const [first] = await all({ buffer: bytes });
	const { width, height, data } = await first.decode();
	const source = sharp(Buffer.from(data.buffer), { raw: { width, height, channels: 4 } });
	return { width, height, thumbnail: await small(source) };
}
