import { execFileSync } from 'node:child_process';
import { fixedCamera } from '../fixtures/bag';
import {
	expect,
	findsNothingInAnyDisplay,
	fits,
	loadCamera,
	open,
	PHONE,
	readLight,
	stored,
	test
} from './app';

/** Frames are put where they were taken, by the track of the way. */

const settings = { f: 11, seconds: 0.01, compensation: null, iso: null };

/** A walk to the east: a point each minute from 10:00 UTC on. */
const track = (minutes: number) => `<?xml version="1.0"?>
<gpx version="1.1" creator="a watch" xmlns="http://www.topografix.com/GPX/1/1"><trk><trkseg>
${Array.from(
	{ length: minutes },
	(_, minute) =>
		`<trkpt lat="-33.5" lon="${(-70 + minute * 0.001).toFixed(4)}"><ele>3</ele><time>2026-05-02T10:${String(minute).padStart(2, '0')}:00Z</time></trkpt>`
).join('\n')}
</trkseg></trk></gpx>`;
const asFile = (name: string, text: string) => ({
	name,
	mimeType: 'application/gpx+xml',
	buffer: Buffer.from(text)
});

test('a track puts frames on places, the clock put right by one that is known', async ({
	page,
	request
}, info) => {
	const { loadId } = await loadCamera(request, { camera: fixedCamera({ name: 'Pebble' }) });
	await stored(request, 'places', { name: 'Far quay', latitude: -33.5, longitude: -69.98 });
	const frame = { loadId, light: null, settings, predicted: null };
	// The clock was 30 minutes behind: this one was really taken at 10:20 UTC, where the quay is.
	const known = { ...frame, number: 1, subject: 'Winch', takenAt: '2026-05-02T09:50:00Z' };
	await stored(request, 'frames', { ...known, where: { latitude: -33.5, longitude: -69.98 } });
	await stored(request, 'frames', { ...frame, number: 2, subject: 'Slip', takenAt: '2026-05-02T09:40:00Z' });
	await stored(request, 'frames', { ...frame, number: 3, subject: 'Late', takenAt: '2026-05-02T14:00:00Z' });

	await open(page, `/frames?load=${loadId}`);
	await page.getByText('More', { exact: true }).click();
	await page.getByRole('link', { name: 'Put on the map' }).click();
	const drop = page.getByLabel('Drop the track of the way here');
	await drop.setInputFiles([asFile('no.gpx', 'a text'), asFile('walk.gpx', track(40))]);
	await expect(page.getByText('no.gpx is no GPX file.')).toBeVisible();
	await expect(page.getByRole('heading', { name: 'The track adds nothing new' })).toBeVisible();
	const row = (name: string) => page.getByRole('row', { name });
	await expect(row('2 · Slip')).toContainText('no track then');

	await page.getByLabel('Was the frames’ clock wrong?').selectOption({ label: 'by frame 1 · Winch' });
	await page.getByRole('button', { name: 'It has a place: take the time from the track' }).click();
	await expect(page.getByText('All frames move 30 min later.')).toBeVisible();
	await expect(row('1 · Winch')).toContainText('as it is');
	await expect(row('2 · Slip')).toContainText('33.5000° S, 69.9900° W ± 5 m');
	await expect(row('3 · Late')).toContainText('no track then');
	await findsNothingInAnyDisplay(page);
	await page.setViewportSize(PHONE);
	await fits(page);

	await page.getByRole('button', { name: 'Put 1 frame on the map' }).click();
	await expect(page.getByText('One frame is on the map.')).toBeVisible();
	await expect(page.getByText('2 of 3 have a place.')).toBeVisible();
	const placed = async () => (await (await request.get(`/api/frames?load=${loadId}`)).json()).items[1];
	expect(await placed()).toMatchObject({
		where: { latitude: -33.5, longitude: -69.99 },
		zone: 'America/Argentina/Mendoza'
	});
	expect(Date.parse((await placed()).takenAt)).toBe(Date.parse('2026-05-02T10:10:00Z'));

	const coming = page.waitForEvent('download');
	await page.getByRole('link', { name: 'Their waypoints as GPX' }).click();
	const gpx = info.outputPath('frames.gpx');
	await (await coming).saveAs(gpx);
	execFileSync('xmllint', ['--noout', '--schema', 'tests/fixtures/gpx-1.1.xsd', gpx], { stdio: 'pipe' });

	await page.getByRole('button', { name: 'Undo' }).click();
	await expect(page.getByText('Undone. They’re back where they were.')).toBeVisible();
	expect((await placed()).where).toBeUndefined();
	expect(Date.parse((await placed()).takenAt)).toBe(Date.parse('2026-05-02T09:40:00Z'));
});

test('frames are put on places all together or not at all', async ({ request }) => {
	const { loadId } = await loadCamera(request, { camera: fixedCamera({ name: 'Pebble' }) });
	const frame = { loadId, light: null, settings, predicted: null, takenAt: '2026-05-02T09:50:00Z' };
	const first = await stored(request, 'frames', { ...frame, number: 1 });
	const second = await stored(request, 'frames', { ...frame, number: 2 });
	const where = { latitude: 50, longitude: 7 };
	const put = (...frames: object[]) => request.post('/api/frames/places', { data: { frames } });
	const stale = await put({ id: first, version: 1, where }, { id: second, version: 7, where });
	expect(stale.status()).toBe(409);
	const unknown = await put({ id: first, version: 1, where }, { id: crypto.randomUUID(), version: 1, where });
	expect((await unknown.json()).issues).toEqual([{ path: 'frames.1.id', message: 'there is no such frame' }]);
	const wrong = await put({ id: first, version: 1, where: { latitude: 95, longitude: 7 }, takenAt: 'noon' });
	expect((await wrong.json()).issues).toHaveLength(2);
	const now = await (await request.get(`/api/frames?load=${loadId}`)).json();
	expect(
		now.items.map(({ version, where: at }: { version: number; where?: object }) => [version, at])
	).toEqual([
		[1, undefined],
		[1, undefined]
	]);
	expect((await request.get(`/api/frames.gpx?load=${loadId}`)).status()).toBe(404);
	expect((await put({ id: first, version: 1, where })).status()).toBe(200);
	const head = await request.head(`/api/frames.gpx?load=${loadId}`);
	expect(head.headers()['content-type']).toBe('application/gpx+xml');
});

test('a phone that may say where it is notes it with every frame', async ({ page, request, context }) => {
	await loadCamera(request, { camera: fixedCamera({ name: 'Pebble' }) });
	await readLight(request, { ev: 13, sd: 0.5 });
	await open(page, '/settings');
	const note = page.getByLabel('Note where I am with every frame');
	await note.click();
	await expect(page.getByText('Your position isn’t available.')).toBeVisible();
	await expect(note).not.toBeChecked();

	await context.grantPermissions(['geolocation']);
	await context.setGeolocation({ latitude: -33.512_345_6, longitude: 70.25 });
	await note.check();
	await expect(page.getByText('Now: 33.5123° S, 70.2500° E.')).toBeVisible();
	await page.getByRole('link', { name: 'Shoot', exact: true }).click();
	await page.getByRole('button', { name: /Took frame 1/ }).click();
	await expect(page.getByText('Frame 1 of Pebble saved')).toBeVisible();
	const { items } = await (await request.get('/api/frames')).json();
	expect(items[0].where).toEqual({ latitude: -33.512_35, longitude: 70.25 });

	await open(page, '/settings');
	await expect(note).toBeChecked();
	await note.uncheck();
	await open(page, '/');
	await page.getByRole('button', { name: /Took frame 2/ }).click();
	await expect(page.getByText('Frame 2 of Pebble saved')).toBeVisible();
	const after = (await (await request.get('/api/frames')).json()).items;
	expect(
		after.map(({ number, where }: { number: number; where?: object }) => [number, Boolean(where)])
	).toContainEqual([2, false]);
});
