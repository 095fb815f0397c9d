import sharp from 'sharp';
import { describe, expect, it } from 'vitest';
import { isPngBomb } from './png-data';
import { nameProblem, readPicture as readWith } from './read-picture';

const readPicture = (name: string, bytes: Buffer) => readWith(name, bytes, async (png) => isPngBomb(png));

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
