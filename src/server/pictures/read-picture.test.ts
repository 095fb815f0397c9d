import { execFileSync } from 'node:child_process';
import { readFileSync } from 'node:fs';
import sharp from 'sharp';
import { describe, expect, it } from 'vitest';
import { rawOf } from '../../../tests/fixtures/raw';
import { nameProblem, readPicture, type ReadPicture } from './read-picture';

const plain = (width: number, height: number) =>
	sharp({ create: { width, height, channels: 3, background: '#808080' } });

describe('a picture that is taken', () => {
	it.each(['jpeg', 'png', 'webp', 'tiff'] as const)('may be %s', async (format) => {
		const bytes = await plain(900, 600).toFormat(format).toBuffer();
		const ending = { jpeg: 'JPG', png: 'png', webp: 'webp', tiff: 'tif' }[format];
		const read = await readPicture(`frame.${ending}`, bytes);
		expect(read).toMatchObject({ type: `image/${format}`, width: 900, height: 600 });
		const thumbnail = await sharp((read as { thumbnail: Buffer }).thumbnail).metadata();
		expect([thumbnail.width, thumbnail.height, thumbnail.format]).toEqual([480, 320, 'webp']);
	});

	it('stands upright in its thumbnail, which says nothing else', async () => {
		// Source: EXIF 2.3, orientation 6: the picture is turned a quarter.
		const bytes = await plain(900, 600)
			.withMetadata({ orientation: 6, exif: { IFD0: { Artist: 'somebody' } } })
			.jpeg()
			.toBuffer();
		const read = (await readPicture('turned.jpg', bytes)) as {
			width: number;
			height: number;
			thumbnail: Buffer;
		};
		expect([read.width, read.height]).toEqual([600, 900]);
		const { orientation, exif, width, height } = await sharp(read.thumbnail).metadata();
		expect([orientation, exif, width, height]).toEqual([undefined, undefined, 320, 480]);
	});

	it('is not made larger than it is', async () => {
		const read = await readPicture('small.png', await plain(30, 20).png().toBuffer());
		expect((await sharp((read as { thumbnail: Buffer }).thumbnail).metadata()).width).toBe(30);
	});

	it('has a plain name', () => {
		expect(nameProblem('frame 5, the quay.jpg')).toBe('');
		for (const name of ['', ' ', '..', 'a/b.jpg', 'a\\b.jpg', 'a\0.jpg', 'x'.repeat(201)]) {
			expect(nameProblem(name), name).not.toBe('');
		}
	});
});

/** Colours at the middle of the left and of the right half of a small picture. */
async function halves(read: ReadPicture | { problem: string }): Promise<number[][]> {
	const { data, info } = await sharp((read as ReadPicture).thumbnail)
		.raw()
		.toBuffer({ resolveWithObject: true });
	const at = (part: number) => {
		const from = (Math.floor(info.height / 2) * info.width + Math.floor(info.width * part)) * info.channels;
		return [...data.subarray(from, from + 3)];
	};
	return [at(0.25), at(0.75)];
}
const near = (colour: readonly number[]) =>
	colour.map((value) => expect.closeTo(value, -1.2) as unknown as number);

describe('a picture that browsers do not show', () => {
	// Made by heif-enc of Debian's libheif-examples (HEVC) from a PNG of two halves.
	const heic = readFileSync(new URL('../../../tests/fixtures/photos/two-halves.heic', import.meta.url));

	it('may be HEIC, as phones make it, with its small picture', async () => {
		const read = await readPicture('IMG.HEIC', heic);
		expect(read).toMatchObject({ type: 'image/heic', width: 64, height: 48 });
		expect(await halves(read)).toEqual([near([200, 60, 40]), near([40, 80, 200])]);
		expect(await readPicture('IMG.jpg', heic)).toEqual({
			problem: 'It’s called IMG.jpg, but it’s a HEIC file.'
		});
		const damaged = Buffer.concat([heic.subarray(0, 400), Buffer.alloc(165)]);
		expect(await readPicture('IMG.heic', damaged)).toEqual({
			problem: expect.stringContaining('damaged') as unknown
		});
	});

	it('may be AVIF', async () => {
		const bytes = await plain(90, 60).avif().toBuffer();
		expect(await readPicture('a.avif', bytes)).toMatchObject({ type: 'image/avif', width: 90, height: 60 });
	});

	it('may be raw: shown is what its camera made of it, as it was held', async () => {
		const left = await plain(20, 30).toBuffer();
		const preview = await sharp({ create: { width: 40, height: 30, channels: 3, background: '#c83c28' } })
			.composite([
				{
					input: await sharp(left, { raw: { width: 20, height: 30, channels: 3 } })
						.png()
						.toBuffer(),
					left: 0,
					top: 0
				}
			])
			.jpeg({ quality: 95 })
			.toBuffer();
		const raw = rawOf(preview, 40, 30, 3);
		// Source: Debian's exiftool takes the file for one, too.
		const said = execFileSync('exiftool', ['-s3', '-FileType', '-'], { input: raw, encoding: 'utf8' });
		expect(said.trim()).toBe('DNG');
		const read = await readPicture('R1.DNG', raw);
		expect(read).toMatchObject({ type: 'image/x-raw', width: 40, height: 30 });
		// Turned by half a turn: the grey half is at the right.
		expect(await halves(read)).toEqual([near([200, 60, 40]), near([128, 128, 128])]);
		expect(await readPicture('R2.dng', rawOf(preview, 40, 30, 6))).toMatchObject({ width: 30, height: 40 });
	});

	it('has an empty frame where a raw file’s own picture cannot be read, and is refused where it is none', async () => {
		const read = await readPicture('R3.nef', rawOf(Buffer.from('no JPEG at all'), 40, 30));
		expect(read).toMatchObject({ type: 'image/x-raw', width: 40 });
		expect((await sharp((read as ReadPicture).thumbnail).metadata()).width).toBe(320);
		const tiff = await plain(8, 8).tiff().toBuffer();
		expect(await readPicture('R4.dng', tiff)).toEqual({
			problem: expect.stringContaining('raw file can’t be read') as unknown
		});
	});
});
