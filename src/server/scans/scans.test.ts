import exifr from 'exifr';
import fc from 'fast-check';
import { execFileSync } from 'node:child_process';
import { mkdtempSync, readdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import sharp, { type Sharp } from 'sharp';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import type { FrameRecord, LoadRecord } from '$contract/records';
import { filmOf, fixedCamera } from '../../../tests/fixtures/bag';
import { draws } from '../../../tests/fixtures/few';
import { soundRecords } from '../../../tests/fixtures/hostile';
import { copyWithTags, tagsBeside } from './copy';
import { endExiftool, NotWritten } from './exiftool';
import { tagsBesidePicture, tagsInPicture, type FrameWithAll } from './metadata';

let folder: string;
beforeAll(() => {
	folder = mkdtempSync(join(tmpdir(), 'scans-'));
});
afterAll(async () => {
	await endExiftool();
	rmSync(folder, { recursive: true, force: true });
});

const load: LoadRecord = {
	cameraId: crypto.randomUUID(),
	filmId: crypto.randomUUID(),
	frames: 8,
	loadedAt: '2026-05-01T08:00:00Z',
	countsFrom: 80,
	developed: { at: '2026-05-09T18:00:00Z', recipe: 'Fine grain', celsius: [20], steps: [] }
};
const [sound] = soundRecords.frames as FrameRecord[];
const frame: FrameRecord = {
	...sound,
	number: 3,
	takenAt: '2026-05-02T01:30:00Z',
	zone: 'America/Santiago',
	settings: { f: 11, seconds: 0.008, compensation: -1.5, iso: null },
	flash: false,
	distance: 1.2,
	subject: 'Winch & <rope>, "blue"',
	caption: 'Low water',
	note: 'ein Schwenk\n写ルンです',
	where: { name: 'Far quay', latitude: -33.512_34, longitude: -70.25 }
};
const all = (more: Partial<FrameRecord> = {}): FrameWithAll => ({
	frame: { ...frame, ...more },
	load,
	camera: fixedCamera({ name: '写ルンです', focalLength: 32.5 }),
	film: filmOf('bw-negative', 125)
});

/** Some detail, so that a picture that was packed again would be another. */
const noise = Buffer.from(Array.from({ length: 48 * 36 * 3 }, (_, at) => (at * 7919) % 251));
const picture = () => sharp(noise, { raw: { width: 48, height: 36, channels: 3 } });
const kinds: Readonly<Record<string, (from: Sharp) => Sharp>> = {
	jpg: (from) => from.jpeg({ quality: 90 }),
	tif: (from) => from.tiff({ compression: 'lzw' }),
	'packed.tif': (from) => from.tiff({ compression: 'jpeg' }),
	png: (from) => from.png(),
	webp: (from) => from.webp()
};
const scanOf = async (ending: string) => {
	const file = join(folder, `${crypto.randomUUID()}.${ending}`);
	await kinds[ending](picture()).toFile(file);
	return file;
};
const copyOf = (file: string) => file.replace(/(\.packed)?\.(\w+)$/, '-copy.$2');
const pixels = (file: string) => sharp(file).raw().toBuffer();

/** What Debian's exiftool, another version than the one that writes, reads. */
const readBy = (file: string): Record<string, unknown> =>
	JSON.parse(execFileSync('exiftool', ['-j', '-n', '-G1', file], { encoding: 'utf8' }))[0];

describe('what was logged, in a copy of a scan', () => {
	it.each(Object.keys(kinds))(
		'is read by other programs, and its pixels are the same: %s',
		async (ending) => {
			const file = await scanOf(ending);
			const before = readFileSync(file);
			await copyWithTags(file, tagsInPicture(all()), copyOf(file));
			expect(readFileSync(file).equals(before)).toBe(true);
			expect((await pixels(copyOf(file))).equals(await pixels(file))).toBe(true);
			expect(readBy(copyOf(file))).toMatchObject({
				'ExifIFD:FNumber': 11,
				'ExifIFD:ExposureTime': 0.008,
				'ExifIFD:ISO': 125,
				'ExifIFD:ExposureCompensation': -1.5,
				// By the clock of the place: Santiago is four hours behind in May. Source: the tz database.
				'ExifIFD:DateTimeOriginal': '2026:05:01 21:30:00',
				'ExifIFD:OffsetTimeOriginal': '-04:00',
				'ExifIFD:FocalLength': 32.5,
				'ExifIFD:Flash': 0,
				'ExifIFD:SubjectDistance': 1.2,
				'IFD0:Make': '写ルンです',
				'IFD0:Model': '写ルンです',
				'GPS:GPSLatitudeRef': 'S',
				'GPS:GPSLongitudeRef': 'W',
				'XMP-dc:Title': 'Winch & <rope>, "blue"',
				'XMP-dc:Description': 'Low water\nein Schwenk\n写ルンです',
				'XMP-dc:Subject': ['写ルンです', 'Film 125', 'Far quay'],
				'XMP-iptcCore:Location': 'Far quay',
				'XMP-film:Stock': 'Film 125',
				'XMP-film:Number': 82,
				'XMP-film:Development': 'Developed in Fine grain at 20 °C.'
			});
			expect(readBy(copyOf(file))['Composite:GPSLatitude']).toBeCloseTo(-33.512_34, 5);
		}
	);

	it('has the place for a third reader, in the south and the west', async () => {
		const file = await scanOf('jpg');
		await copyWithTags(file, tagsInPicture(all()), copyOf(file));
		const found = await exifr.parse(copyOf(file), { gps: true, xmp: false });
		expect(found.latitude).toBeCloseTo(-33.512_34, 5);
		expect(found.longitude).toBeCloseTo(-70.25, 5);
		expect(found.ExposureTime).toBe(0.008);
	});

	it('keeps words that stand there already, and is the same when it is written again', async () => {
		const file = await scanOf('jpg');
		execFileSync('exiftool', ['-q', '-overwrite_original', '-XMP-dc:Subject=lab 12', '-Make=Scanner', file]);
		await copyWithTags(file, tagsInPicture(all()), copyOf(file));
		const again = join(folder, 'again.jpg');
		await copyWithTags(copyOf(file), tagsInPicture(all()), again);
		for (const copy of [copyOf(file), again]) {
			expect(readBy(copy)['XMP-dc:Subject']).toEqual(['lab 12', '写ルンです', 'Film 125', 'Far quay']);
			expect(readBy(copy)['IFD0:Make']).toBe('写ルンです');
		}
	});

	it('leaves out what is not known', async () => {
		const file = await scanOf('jpg');
		const little: FrameRecord = {
			...sound,
			settings: { f: null, seconds: null, compensation: null, iso: null },
			flash: undefined,
			where: undefined,
			note: undefined,
			subject: undefined,
			caption: undefined
		};
		await copyWithTags(file, tagsInPicture(all(little)), copyOf(file));
		const found = Object.keys(readBy(copyOf(file))).join(' ');
		expect(found).not.toMatch(/FNumber|ExposureTime|Flash|GPS|Title|Description/);
	});

	it('any place, time and text comes back as it was, in every quarter of the earth', async () => {
		const texts = fc
			.string({ unit: 'grapheme', minLength: 1, maxLength: 30 })
			.map((text) => text.replace(/\p{C}/gu, 'x').trim() || 'x');
		const drawn = fc.record({
			latitude: fc.double({ min: -90, max: 90, noNaN: true }),
			longitude: fc.double({ min: -180, max: 180, noNaN: true }),
			seconds: fc.double({ min: 1e-4, max: 900, noNaN: true }),
			f: fc.double({ min: 0.95, max: 64, noNaN: true }),
			fired: fc.boolean(),
			subject: texts
		});
		const file = await scanOf('jpg');
		let count = 0;
		await fc.assert(
			fc.asyncProperty(drawn, async ({ latitude, longitude, seconds, f, fired, subject }) => {
				const copy = join(folder, `drawn-${count++}.jpg`);
				const more = { where: { latitude, longitude }, subject, flash: fired };
				const settings = { ...frame.settings, f, seconds };
				await copyWithTags(file, tagsInPicture(all({ ...more, settings })), copy);
				const found = await exifr.parse(copy, { gps: true, xmp: true });
				expect(found.latitude).toBeCloseTo(latitude, 5);
				expect(found.longitude).toBeCloseTo(longitude, 5);
				expect(found.ExposureTime / seconds).toBeCloseTo(1, 3);
				expect(found.FNumber / f).toBeCloseTo(1, 3);
			}),
			{ numRuns: draws(12) }
		);
	}, 60_000);

	it('is refused with a word where the file is damaged or no picture', async () => {
		const file = await scanOf('jpg');
		const half = join(folder, 'half.jpg');
		writeFileSync(half, readFileSync(file).subarray(0, 40));
		const text = join(folder, 'text.jpg');
		writeFileSync(text, 'a text');
		// A TIFF whose pixels lie behind its end: exiftool copies what is there, and nobody could compare it.
		const cut = join(folder, 'cut.tif');
		const packed = readFileSync(await scanOf('packed.tif'));
		writeFileSync(cut, packed.subarray(0, 60));
		for (const bad of [half, text, cut])
			await expect(copyWithTags(bad, tagsInPicture(all()), copyOf(bad))).rejects.toThrow(NotWritten);
	});
});

it('what was logged lies beside a picture as one file that other programs read', async () => {
	const file = join(folder, 'beside.xmp');
	await tagsBeside(file, tagsBesidePicture(all()));
	expect(readBy(file)).toMatchObject({
		'XMP-exif:FNumber': 11,
		'XMP-exif:ExposureTime': 0.008,
		'XMP-exif:ISO': 125,
		'XMP-exif:DateTimeOriginal': '2026:05:01 21:30:00-04:00',
		'XMP-exif:FlashFired': false,
		'XMP-exif:GPSLongitude': -70.25,
		'XMP-tiff:Model': '写ルンです',
		'XMP-dc:Title': 'Winch & <rope>, "blue"',
		'XMP-film:Frame': 3
	});
	expect(readdirSync(folder).filter((name) => name.includes('_original'))).toEqual([]);
});
