import { createInflate } from 'node:zlib';

/** PNG files hold packed data: their pixels, and texts and colour profiles beside them. */

const SIGNATURE_BYTES = 8;
const AROUND_DATA = 12;
/** What may be packed beside the pixels, all together: a colour profile, comments, bytes. */
const MOST_BESIDE = 8 * 1024 ** 2;
/** Interlaced rows and padding take a little more than the plain pixels. */
const SLACK = 1.1;
const SLACK_BYTES = 64 * 1024;
const DEEPEST_PIXEL_BYTES = 8;

interface Chunk {
	type: string;
	data: Buffer;
}

function* chunksOf(bytes: Buffer): Generator<Chunk> {
	let at = SIGNATURE_BYTES;
	while (at + AROUND_DATA <= bytes.length) {
		const length = bytes.readUInt32BE(at);
		const type = bytes.toString('latin1', at + 4, at + 8);
		yield { type, data: bytes.subarray(at + 8, Math.min(bytes.length, at + 8 + length)) };
		at += AROUND_DATA + length;
	}
}

/** Where the packed part of a chunk begins. Source: the PNG specification, zTXt, iTXt and iCCP. */
function packedIn({ type, data }: Chunk): Buffer | null {
	const end = data.indexOf(0);
	if (end < 0) return null;
	if (type === 'zTXt' || type === 'iCCP') return data.subarray(end + 2);
	if (type !== 'iTXt' || data[end + 1] !== 1) return null;
	const language = data.indexOf(0, end + 3);
	const keyword = language < 0 ? -1 : data.indexOf(0, language + 1);
	return keyword < 0 ? null : data.subarray(keyword + 1);
}

/** Bytes that packed data unpack to, counted until they are too many; they are never held together. */
function unpackedSize(parts: readonly Buffer[], most: number): Promise<number> {
	return new Promise((resolve) => {
		let size = 0;
		const inflate = createInflate();
		const end = () => {
			inflate.destroy();
			resolve(size);
		};
		inflate.on('data', (piece: Buffer) => {
			size += piece.length;
			if (size > most) end();
		});
		// Damaged data are told by whoever reads the picture.
		inflate.on('error', end);
		inflate.on('end', end);
		for (const part of parts) inflate.write(part);
		inflate.end();
	});
}

/** Whether a PNG file unpacks to far more than the picture that it says it holds. */
export async function isPngBomb(bytes: Buffer): Promise<boolean> {
	const chunks = [...chunksOf(bytes)];
	const header = chunks[0];
	if (header?.type !== 'IHDR' || header.data.length < SIGNATURE_BYTES) return false;
	const [width, height] = [header.data.readUInt32BE(0), header.data.readUInt32BE(4)];
	const most = (width * DEEPEST_PIXEL_BYTES + 1) * height * SLACK + SLACK_BYTES;
	const pixels = chunks.filter(({ type }) => type === 'IDAT').map(({ data }) => data);
	if ((await unpackedSize(pixels, most)) > most) return true;
	// Together: a hundred texts that are just small enough would be unpacked one after the other.
	let beside = 0;
	for (const chunk of chunks) {
		const packed = packedIn(chunk);
		if (packed) beside += await unpackedSize([packed], MOST_BESIDE - beside);
		if (beside > MOST_BESIDE) return true;
	}
	return false;
}
