import { randomUUID } from 'node:crypto';
import { request as httpRequest } from 'node:http';
import { colourNegative400, fixedCamera } from '../fixtures/bag';
import { expect, loadCamera, test } from './app';

const asking = { camera: fixedCamera(), film: colourNegative400, light: { ev: 12 } };
const id = randomUUID();

test('a match is answered as the contract says', async ({ request }) => {
	const answer = await request.post('/api/match', { data: asking });
	expect(answer.status()).toBe(200);
	const { light, best, settings, unmet } = await answer.json();
	expect(light).toEqual({ ev: 12, sd: 0.5, meterEv: 12, meterSd: 0.5 });
	// Source: hand arithmetic: 12 + 2 − log2(121·100) = 0.44.
	expect(best.error).toBeCloseTo(0.44, 2);
	expect(best).toMatchObject({
		f: 11,
		seconds: 0.01,
		compensation: null,
		iso: null,
		position: null,
		verdict: 'just-enough',
		clamped: null,
		spoilers: []
	});
	expect(settings).toHaveLength(1);
	expect(unmet).toEqual([]);
});

test('a match and a reach take records of the bag by their ids', async ({ request }) => {
	const { cameraId, filmId, loadId } = await loadCamera(request, {
		camera: fixedCamera(),
		film: colourNegative400
	});
	const ask = async (path: string, data: object) => {
		const answer = await request.post(path, { data });
		return { status: answer.status(), ...(await answer.json()) };
	};
	// Source: hand arithmetic: 12 + 2 − log2(121·100) = 0.44, whoever brings the camera along.
	for (const named of [{ cameraId, filmId }, { loadId }, { cameraId, film: colourNegative400 }]) {
		const { best } = await ask('/api/match', { ...named, light: { ev: 12 } });
		expect(best.error).toBeCloseTo(0.44, 2);
	}
	// A load that is pushed by a stop is a stop faster.
	const load = await (await request.get(`/api/loads/${loadId}`)).json();
	const process = { name: 'Pushed', stops: 1 };
	expect((await request.put(`/api/loads/${loadId}`, { data: { ...load, process } })).status()).toBe(200);
	expect((await ask('/api/match', { loadId, light: { ev: 12 } })).best.error).toBeCloseTo(1.44, 2);
	const byLoad = await ask('/api/reach', { loadId });
	const byIds = await ask('/api/reach', { cameraId, filmId });
	expect(byIds.good[0][0] - byLoad.good[0][0]).toBeCloseTo(1, 6);
	const refused = await ask('/api/match', { cameraId: id, loadId: id, filmId: 3, light: { ev: 12 } });
	expect(refused.status).toBe(422);
	expect(refused.issues.map(({ path }: { path: string }) => path).sort()).toEqual([
		'cameraId',
		'filmId',
		'loadId'
	]);
	const twice = await ask('/api/match', { cameraId, camera: fixedCamera(), filmId, light: { ev: 12 } });
	expect(twice.issues).toMatchObject([{ path: 'cameraId' }]);
});

test('any way of reading light is resolved, and bad values answer at their field', async ({ request }) => {
	const ask = async (data: object) => {
		const answer = await request.post('/api/light', { data });
		return { status: answer.status(), ...(await answer.json()) };
	};
	// Source: common practice: f/16 at 1/ISO is EV 14.64; the guide of ANSI PH2.7 (from memory) says 15.
	expect(await ask({ method: 'shadows', school: 'shadow-edge', condition: 'sharp' })).toMatchObject({
		status: 200,
		ev: expect.closeTo(14.64, 2),
		sd: 0.5,
		kelvin: 5500,
		method: 'shadows',
		rivals: expect.arrayContaining([expect.objectContaining({ school: 'exposure-guide', ev: 15 })])
	});
	const refused = async (data: object, path: string) => {
		const { status, issues } = await ask(data);
		expect(status).toBe(422);
		expect(issues.map((issue: { path: string }) => issue.path)).toContain(path);
	};
	await refused({ method: 'photo', iso: -100, f: 8, seconds: 0 }, 'seconds');
	await refused({ method: 'photo', iso: -100, f: 8, seconds: 0 }, 'iso');
	const sun = { method: 'sun', latitude: 54, longitude: -4, sky: 'clear', subject: 'facing' };
	await refused({ ...sun, latitude: 95, at: '2026-05-02T12:00:00Z' }, 'latitude');
	await refused({ ...sun, at: '2026-02-30T12:00:00Z' }, 'at');
	await refused({ ...sun, at: 'yesterday' }, 'at');
	await refused({ method: 'lamp', reading: { method: 'eye', ev: 8, sd: -1 }, from: 2, to: 1 }, 'reading.sd');
	expect((await request.get('/api/light')).status()).toBe(405);
	expect((await request.get('/api/places/search?name=a')).status()).toBe(422);
	expect((await request.get('/api/places/search')).status()).toBe(422);
});

test('records live by create, list, read, replace and delete', async ({ request }) => {
	const created = await request.post('/api/cameras', { data: { ...fixedCamera(), id } });
	expect(created.status()).toBe(201);
	expect(created.headers().location).toBe(`/api/cameras/${id}`);
	expect((await request.post('/api/cameras', { data: { ...fixedCamera(), id } })).status()).toBe(200);
	const conflict = await request.post('/api/cameras', { data: { ...fixedCamera({ name: 'Else' }), id } });
	expect(conflict.status()).toBe(409);
	expect((await conflict.json()).current.name).toBe('One setting');

	const replaced = await request.put(`/api/cameras/${id}`, {
		data: { ...fixedCamera({ name: 'New' }), id, version: 1 }
	});
	expect((await replaced.json()).version).toBe(2);
	const stale = await request.put(`/api/cameras/${id}`, { data: { ...fixedCamera(), id, version: 1 } });
	expect(stale.status()).toBe(409);
	expect((await stale.json()).current).toMatchObject({ name: 'New', version: 2 });

	const { items, total } = await (await request.get('/api/cameras?limit=10')).json();
	expect([items.length, total]).toEqual([1, 1]);
	expect((await request.delete(`/api/cameras/${id}`)).status()).toBe(204);
	expect((await request.get(`/api/cameras/${id}`)).status()).toBe(404);
	expect((await request.delete(`/api/cameras/${id}`)).status()).toBe(404);
});

test('what other records refer to is not deleted', async ({ request }) => {
	const { cameraId, filmId } = await loadCamera(request);
	for (const path of [`/api/cameras/${cameraId}`, `/api/films/${filmId}`]) {
		const refused = await request.delete(path);
		expect(refused.status()).toBe(409);
		expect((await refused.json()).message).toMatch(/Archive it instead/);
	}
});

test('bad bodies answer at the field, all at once, and store nothing', async ({ request }) => {
	const { loadId } = await loadCamera(request);
	const bad: [string, unknown, string[]][] = [
		['/api/cameras', { name: '' }, ['name', 'focalLength', 'aperture', 'shutter', 'focus', 'exposure']],
		['/api/cameras', [], ['']],
		['/api/cameras', 'camera', ['']],
		['/api/cameras', null, ['']],
		['/api/cameras', { ...fixedCamera(), id: 'mine' }, ['id']],
		[
			'/api/cameras',
			{ ...fixedCamera(), colour: 'red', frame: { width: 1, height: 1, depth: 1 } },
			['frame.depth', 'colour']
		],
		['/api/films', { ...colourNegative400, iso: '400' }, ['iso']],
		['/api/films', { ...colourNegative400, name: 'x'.repeat(81) }, ['name']],
		[
			'/api/loads',
			{ cameraId: id, filmId: id, frames: 12, loadedAt: '2026-05-02T10:00:00Z' },
			['cameraId', 'filmId']
		],
		['/api/frames', { loadId, number: 1 }, ['takenAt', 'settings', 'predicted', 'light']],
		['/api/readings', { takenAt: 'noon', light: { method: 'shadows' } }, ['takenAt', 'light.school']],
		['/api/match', {}, ['camera', 'film', 'light']],
		[
			'/api/match',
			{ ...asking, camera: { ...fixedCamera(), frame: { width: 0, height: 24 } }, light: { ev: 99 } },
			['camera.frame.width', 'light.ev']
		],
		['/api/match', { ...asking, intent: { aperture: 8 } }, ['intent.aperture']]
	];
	const counts = async () =>
		Promise.all(
			['cameras', 'films', 'loads', 'frames', 'readings'].map(
				async (kind) => (await (await request.get(`/api/${kind}`)).json()).total
			)
		);
	const before = await counts();
	for (const [path, data, paths] of bad) {
		const answer = await request.post(path, {
			data: JSON.stringify(data),
			headers: { 'content-type': 'application/json' }
		});
		expect(answer.status(), `${path} ${JSON.stringify(data).slice(0, 80)}`).toBe(422);
		const { message, issues } = await answer.json();
		expect(message).toMatch(/fixing/);
		const found: string[] = issues.map((issue: { path: string }) => issue.path);
		for (const wanted of paths)
			expect(
				found.some((each) => each === wanted || each.startsWith(`${wanted}.`)),
				`${path}: ${wanted} in ${found}`
			).toBe(true);
	}
	expect(await counts()).toEqual(before);
});

test('what is not JSON, too large, unknown or the wrong verb has its own answer', async ({ request }) => {
	const send = (data: string) =>
		request.post('/api/match', { data: Buffer.from(data), headers: { 'content-type': 'application/json' } });
	expect((await send('{"camera":')).status()).toBe(400);
	expect((await send('')).status()).toBe(400);
	expect((await send('['.repeat(100_000))).status()).toBe(400);
	expect((await send(`"${'x'.repeat(300_000)}"`)).status()).toBe(413);
	const wrong = await request.put('/api/match', { data: asking });
	expect([wrong.status(), wrong.headers().allow]).toEqual([405, 'POST']);
	expect((await request.patch('/api/films', { data: {} })).status()).toBe(405);
	expect((await request.get('/api/nothing')).status()).toBe(404);
	expect(
		(await request.put(`/api/films/${id}`, { data: { ...colourNegative400, version: 1 } })).status()
	).toBe(404);
	for (const query of ['limit=0', 'limit=x', 'offset=1', 'after=nonsense', 'limit=1e3', 'limit=99999']) {
		const page = await request.get(`/api/films?${query}`);
		expect(page.status(), query).toBe(422);
	}
	expect(await (await request.get('/api/health')).json()).toEqual({ ok: true });
});

test('a page address that names nothing is a page, not a stack', async ({ request }) => {
	for (const path of [
		'/bag/camera/7',
		`/bag/film/${id}`,
		`/frames/${id}`,
		'/frames?load=7',
		'/bag/load?camera=7',
		'/%E0%A4%A',
		'/nowhere'
	]) {
		const answer = await request.get(path);
		expect(answer.status(), path).toBeLessThan(500);
		expect(await answer.text()).not.toMatch(/at .*\.js:\d+/);
	}
});

test('a request from another site cannot write here', async ({ app }) => {
	const status = await new Promise<number>((resolve, reject) => {
		const sent = httpRequest(
			`${app.address}/api/cameras`,
			{ method: 'POST', headers: { 'content-type': 'text/plain', origin: 'http://elsewhere.example' } },
			(response) => resolve(response.statusCode ?? 0)
		);
		sent.once('error', reject);
		sent.end(JSON.stringify(fixedCamera()));
	});
	expect(status).toBe(403);
});

test('what frames taught of a camera with a film is asked for, and a match is promised with it', async ({
	request
}) => {
	const { cameraId, filmId, loadId } = await loadCamera(request, {
		camera: fixedCamera({ offset: undefined }),
		film: colourNegative400
	});
	const light = { method: 'eye', ev: 12, sd: 0.5 };
	const { best } = await (await request.post('/api/match', { data: { loadId, light } })).json();
	for (const number of [1, 2, 3, 4, 5, 6]) {
		const frame = {
			loadId,
			number,
			takenAt: `2026-05-02T1${number}:00:00Z`,
			light,
			settings: { f: 11, seconds: 0.01, compensation: null, iso: null },
			predicted: best,
			judged: { stops: best.error - 1, sd: 0.33, by: 'eye', judgedAt: '2026-05-03T10:00:00Z' }
		};
		expect((await request.post('/api/frames', { data: frame })).status()).toBe(201);
	}
	const ask = async (query: string) => {
		const answer = await request.get(`/api/cameras/${cameraId}/learnt?${query}`);
		return { status: answer.status(), ...(await answer.json()) };
	};
	const learnt = await ask(`film=${filmId}`);
	expect(learnt.frames).toBe(6);
	expect(learnt.stops).toBeLessThan(-0.2);
	// The same pack is known better than a new one, and what was read in the same way better still.
	const [pack, read] = [await ask(`load=${loadId}`), await ask(`load=${loadId}&way=your%20own%20number`)];
	expect(pack.sd).toBeLessThan(learnt.sd);
	expect(pack.limit.stops).toBeLessThan(0);
	expect(pack.body.stops).toBeGreaterThan(pack.stops);
	expect(read.sd).toBeLessThan(0.8 * pack.sd);
	expect(read.reading).toBe(0.4);
	const { status: _, frames: __, ...known } = read;
	const promised = await request.post('/api/match', { data: { loadId, light, learnt: known } });
	expect(promised.status()).toBe(200);
	const { best: then } = await promised.json();
	expect(then.error).toBeLessThan(best.error - 0.2);
	for (const [query, path] of [
		['', 'film'],
		[`film=${id}`, 'film'],
		[`load=${id}`, 'load'],
		['odd=1', 'odd']
	]) {
		const refused = await ask(query);
		expect([refused.status, refused.issues[0].path]).toEqual([422, path]);
	}
	expect((await request.get(`/api/cameras/${id}/learnt?film=${filmId}`)).status()).toBe(404);
	const wrong = await request.post('/api/match', { data: { loadId, light, learnt: { stops: 0, sd: -1 } } });
	expect((await wrong.json()).issues.map(({ path }: { path: string }) => path)).toEqual(['learnt.sd']);
});
