import sharp from 'sharp';
import { deflateSync } from 'node:zlib';
import { describe, expect, it } from 'vitest';
import { pngChunk, pngHeader, pngSignature } from '../../../tests/fixtures/png';
import { isPngBomb } from './png-data';

/** Files are put together here by the PNG specification, and by an independent package. */

const file = (...chunks: Buffer[]) =>
	Buffer.concat([pngSignature, ...chunks, pngChunk('IEND', Buffer.alloc(0))]);
const MEGABYTE = 1024 ** 2;
const sound = pngChunk('IDAT', deflateSync(Buffer.alloc(2 * 3)));
const large = deflateSync(Buffer.alloc(20 * MEGABYTE));
const named = (packed: Buffer, ...between: number[]) =>
	Buffer.concat([Buffer.from('Comment\0', 'latin1'), Buffer.from(between), packed]);

describe('a PNG file that unpacks to far more than it says', () => {
	it('is told by its pixels, in one piece or in several', async () => {
		expect(await isPngBomb(file(pngHeader(2, 2), sound))).toBe(false);
		expect(await isPngBomb(file(pngHeader(2, 2), pngChunk('IDAT', large)))).toBe(true);
		const half = Math.floor(large.length / 2);
		const pieces = [large.subarray(0, half), large.subarray(half)].map((piece) => pngChunk('IDAT', piece));
		expect(await isPngBomb(file(pngHeader(2, 2), ...pieces))).toBe(true);
	});

	it.each([
		['zTXt', named(large, 0)],
		['iCCP', named(large, 0)],
		['iTXt', named(large, 1, 0, 0x65, 0x6e, 0, 0)]
	])('is told by what is packed in %s', async (type, data) => {
		expect(await isPngBomb(file(pngHeader(2, 2), pngChunk(type, data), sound))).toBe(true);
	});

	it('is one in which many texts are packed that are small enough each', async () => {
		const text = pngChunk('zTXt', named(deflateSync(Buffer.alloc(3 * 1024 ** 2)), 0));
		expect(await isPngBomb(file(pngHeader(2, 2), text, text, sound))).toBe(false);
		expect(await isPngBomb(file(pngHeader(2, 2), text, text, text, sound))).toBe(true);
	});

	it('is none with a plain text, an unpacked one, a small profile or damage', async () => {
		const plain = pngChunk('tEXt', Buffer.from('Comment\0nothing packed', 'latin1'));
		const unpacked = pngChunk('iTXt', named(Buffer.from('words'), 0, 0, 0, 0));
		const profile = pngChunk('iCCP', named(deflateSync(Buffer.alloc(3000)), 0));
		expect(await isPngBomb(file(pngHeader(2, 2), plain, unpacked, profile, sound))).toBe(false);
		expect(await isPngBomb(file(pngHeader(2, 2), pngChunk('IDAT', Buffer.from('no deflate'))))).toBe(false);
		expect(await isPngBomb(pngSignature)).toBe(false);
		expect(await isPngBomb(file(pngHeader(2, 2), sound).subarray(0, 30))).toBe(false);
	});

	it('is no real picture, deep, interlaced or with a palette', async () => {
		const noise = { create: { width: 300, height: 200, channels: 4 as const, background: '#12345680' } };
		for (const options of [{}, { progressive: true }, { palette: true }, { compressionLevel: 0 }]) {
			expect(await isPngBomb(await sharp(noise).png(options).toBuffer())).toBe(false);
		}
		const deep = await sharp(noise).toColourspace('rgb16').png().toBuffer();
		expect(await isPngBomb(deep)).toBe(false);
	});
});
