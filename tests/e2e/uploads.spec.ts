import { randomUUID } from 'node:crypto';
import { deflateSync } from 'node:zlib';
import sharp from 'sharp';
import { readFileSync } from 'node:fs';
import { rawOf } from '../fixtures/raw';
import { pngChunk, pngHeader, pngSignature } from '../fixtures/png';
import { expect, loadCamera, open, test } from './app';

/** Pictures that are not what they say, or too much: refused with a word, and nothing stored. */

/** A grey PNG of a size that its data need not have. */
function pngOf(width: number, height: number, data: Buffer, more: Buffer[] = []): Buffer {
	return Buffer.concat([
		pngSignature,
		pngHeader(width, height),
		...more,
		pngChunk('IDAT', deflateSync(data)),
		pngChunk('IEND', Buffer.alloc(0))
	]);
}

const svg = Buffer.from('<svg xmlns="http://www.w3.org/2000/svg"><script>alert(1)</script></svg>');

test('hostile pictures are refused with a clear word and leave nothing behind', async ({ request }) => {
	const { cameraId } = await loadCamera(request);
	const jpeg = await sharp({ create: { width: 8, height: 8, channels: 3, background: 'grey' } })
		.jpeg()
		.toBuffer();
	const bomb = deflateSync(Buffer.alloc(200 * 1024 ** 2));
	const text = Buffer.concat([Buffer.from('Comment\0\0', 'latin1'), bomb]);
	const hostile: [what: string, name: string, body: Buffer, word: RegExp][] = [
		['a script in SVG', 'drawing.svg', svg, /This kind of file isn’t accepted/],
		['SVG that says PNG', 'drawing.png', svg, /This kind of file isn’t accepted/],
		['nothing', 'empty.jpg', Buffer.alloc(0), /This kind of file isn’t accepted/],
		['300 megapixels', 'large.png', pngOf(20_000, 15_000, Buffer.alloc(1000)), /pixels/],
		['a size beyond all', 'huge.png', pngOf(2 ** 31 - 1, 2 ** 31 - 1, Buffer.alloc(10)), /pixels|damaged/],
		['far less data than its size', 'short.png', pngOf(4000, 4000, Buffer.alloc(10)), /damaged/],
		['data that never end', 'bomb.png', pngOf(10, 10, Buffer.alloc(100 * 1024 ** 2)), /unpacks to far more/],
		[
			'a comment that never ends',
			'talk.png',
			pngOf(1, 1, Buffer.from([0, 128]), [pngChunk('zTXt', text)]),
			/unpacks to far more/
		],
		['a chunk beyond its end', 'cut.png', pngOf(4, 4, Buffer.alloc(20)).subarray(0, 45), /damaged/],
		['a wrong ending', 'picture.png', jpeg, /called picture.png, but it’s a JPEG/],
		['a path in its name', '../../etc/cron.jpg', jpeg, /cannot hold a path/],
		['half a JPEG', 'half.jpg', jpeg.subarray(0, jpeg.length / 2), /damaged/]
	];
	for (const [what, name, data, said] of hostile) {
		const answer = await request.post('/api/pictures', { params: { camera: cameraId, name }, data });
		expect(answer.status(), what).toBe(422);
		expect(JSON.stringify(await answer.json()), what).toMatch(said);
	}
	const large = await request.post('/api/pictures', {
		params: { camera: cameraId, name: 'large.jpg' },
		data: Buffer.concat([jpeg, Buffer.alloc(41 * 1024 ** 2)])
	});
	expect(large.status()).toBe(413);
	for (const [params, field] of [
		[{ name: 'a.jpg' }, ''],
		[{ name: 'a.jpg', camera: cameraId, frame: randomUUID() }, ''],
		[{ name: 'a.jpg', camera: randomUUID() }, 'camera'],
		[{ camera: cameraId }, 'name']
	] as const) {
		const answer = await request.post('/api/pictures', { params, data: jpeg });
		expect(answer.status()).toBe(422);
		expect((await answer.json()).issues[0].path).toBe(field);
	}
	const kept = await (await request.get(`/api/pictures?camera=${cameraId}`)).json();
	expect(kept).toMatchObject({ items: [], total: 0 });
});

test('what a phone and a raw camera make is kept as it is, shown small, and listed page by page', async ({
	page,
	request
}) => {
	const { cameraId } = await loadCamera(request);
	const heic = readFileSync(new URL('../fixtures/photos/two-halves.heic', import.meta.url));
	const jpeg = await sharp({ create: { width: 40, height: 30, channels: 3, background: '#a33' } })
		.jpeg()
		.toBuffer();
	const raw = rawOf(jpeg, 40, 30);
	await open(page, `/bag/camera/${cameraId}`);
	await page.getByText('Pictures of it').click();
	await page.getByLabel('Drop a picture here, or choose one').setInputFiles([
		{ name: 'IMG_0001.HEIC', mimeType: 'image/heic', buffer: heic },
		{ name: 'R0002.DNG', mimeType: '', buffer: raw }
	]);
	for (const [name, width, bytes, type] of [
		['IMG_0001.HEIC', 64, heic, 'image/heic'],
		['R0002.DNG', 40, raw, 'image/x-raw']
	] as const) {
		const small = page.getByRole('img', { name: new RegExp(name) });
		// Small pictures are fetched as they come into view.
		await small.scrollIntoViewIfNeeded();
		await expect.poll(() => small.evaluate((image: HTMLImageElement) => image.naturalWidth)).toBe(width);
		const kept = await request.get(
			(await page.getByRole('link', { name: new RegExp(name) }).getAttribute('href'))!
		);
		expect(kept.headers()['content-type']).toBe(type);
		expect(bytes.equals(await kept.body())).toBe(true);
	}
	const list = (query: string) => request.get(`/api/pictures?camera=${cameraId}&limit=1${query}`);
	const first = await (await list('')).json();
	expect(first).toMatchObject({
		items: [{ name: 'R0002.DNG', owner: 'camera', ownerId: cameraId }],
		total: 2
	});
	const second = await (await list(`&after=${first.next}`)).json();
	expect(second).toMatchObject({ items: [{ name: 'IMG_0001.HEIC' }], next: null });
	expect((await list('&after=nonsense')).status()).toBe(422);
});
