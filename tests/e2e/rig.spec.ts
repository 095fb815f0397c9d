import { twinLens } from '../fixtures/automatic';
import { colourNegative400, fixedCamera, steppedCamera } from '../fixtures/bag';
import { expect, loadCamera, test, stored } from './app';

test('what is on the camera belongs to its load, and survives a restart', async ({ app, request }) => {
	const camera = twinLens({ bulb: { longest: 60 } });
	const { loadId } = await loadCamera(request, { camera, film: colourNegative400 });
	const gear = (data: object) => stored(request, 'gear', data);
	const nd = await gear({ type: 'filter', name: 'ND 0.6', stops: 2 });
	const torch = await gear({ type: 'flash', name: 'Torch', guideNumber: 20, powers: [1] });
	const address = `/api/loads/${loadId}`;
	const rig = {
		aperture: 8,
		compensation: -1,
		iso: 800,
		filters: [nd],
		flash: { id: torch, power: 1 },
		support: true,
		meterDifference: -3
	};
	const kept = await request.put(`${address}/rig`, { data: rig });
	expect(kept.status()).toBe(200);
	expect(await kept.json()).toMatchObject({ id: loadId, version: 1, rig });

	// The load is corrected by somebody who read an older rig: what is on the camera stays.
	const { rig: _, ...load } = await (await request.get(address)).json();
	const older = { ...load, note: 'the last of the box', rig: { aperture: 22 } };
	const corrected = await request.put(address, { data: older });
	expect(await corrected.json()).toMatchObject({ version: 2, note: 'the last of the box', rig });

	await app.restart();
	expect(await (await request.get(address)).json()).toMatchObject({ version: 2, rig });
	const list = await (await request.get('/api/loads')).json();
	expect(list.items).toMatchObject([{ id: loadId, rig }]);

	// The last one who writes it is right, and takes off what is not in it.
	await request.put(`${address}/rig`, { data: { handTimed: true, seconds: 4, flash: null } });
	const { rig: last } = await (await request.get(address)).json();
	expect(last).toEqual({ handTimed: true, seconds: 4, flash: null });
});

test('a rig holds only what there is', async ({ request }) => {
	const { loadId } = await loadCamera(request, { camera: fixedCamera(), film: colourNegative400 });
	const put = async (data: object) => {
		const answer = await request.put(`/api/loads/${loadId}/rig`, { data });
		const { issues = [] } = await answer.json();
		return { status: answer.status(), paths: issues.map(({ path }: { path: string }) => path) };
	};
	const nobody = '5f0e4b1c-0d5a-4a77-9f3e-2b1c9d8e7f60';
	const settings = { aperture: 8, handTimed: true, position: 'sun', compensation: 1 };
	const things = { filters: [nobody], flash: { id: 'built in' }, closeUp: nobody };
	expect(await put({ ...settings, ...things })).toEqual({
		status: 422,
		paths: ['compensation', 'position', 'handTimed', 'aperture', 'filters.0', 'flash.id', 'closeUp']
	});
	expect(await put({ flash: { id: 'any' }, lens: 'none' })).toEqual({
		status: 422,
		paths: ['lens', 'flash.id']
	});
	expect((await request.put(`/api/loads/${nobody}/rig`, { data: {} })).status()).toBe(404);
	expect(await put({ support: true })).toEqual({ status: 200, paths: [] });
});

test('a reach is that of the camera as it is set', async ({ request }) => {
	const asked = { camera: steppedCamera({ bulb: true }), film: colourNegative400 };
	const reach = async (intent: object) => {
		const answer = await request.post('/api/reach', { data: { ...asked, intent } });
		return { status: answer.status(), ...(await answer.json()) };
	};
	// Source: hand arithmetic on ISO 2720: f/8 at 1/60 s is EV 11.91; ISO 400 takes two stops; good is −½ … 2.
	const { good, lanes } = await reach({ aperture: 8, seconds: 1 / 60 });
	expect(good).toEqual([[expect.closeTo(9.41, 2), expect.closeTo(11.91, 2)]]);
	expect(lanes).toMatchObject([{ handTimed: false, settings: { f: 8, seconds: 1 / 60 } }]);
	const byHand = await reach({ handTimed: true });
	expect(byHand.lanes.every((lane: { handTimed: boolean }) => lane.handTimed)).toBe(true);
	expect(await reach({ seconds: 1 / 7 })).toMatchObject({
		status: 422,
		issues: [{ path: 'intent.seconds', message: 'this camera has no 1/7 s' }]
	});
});

test('a record that was changed since it was read is not deleted, and lists are searched by words', async ({
	request
}) => {
	const { id } = await (
		await request.post('/api/cameras', { data: fixedCamera({ name: 'Blue box' }) })
	).json();
	await request.post('/api/cameras', { data: fixedCamera({ name: '100% tin', focalLength: 40 }) });
	await request.put(`/api/cameras/${id}`, { data: { ...fixedCamera({ name: 'Red box' }), version: 1 } });
	const stale = await request.delete(`/api/cameras/${id}?version=1`);
	expect(stale.status()).toBe(409);
	expect((await stale.json()).current).toMatchObject({ name: 'Red box', version: 2 });
	expect((await request.delete(`/api/cameras/${id}?version=x`)).status()).toBe(422);

	const found = async (q: string) => {
		const { items, total } = await (await request.get(`/api/cameras?q=${encodeURIComponent(q)}`)).json();
		return [total, ...items.map(({ name }: { name: string }) => name)];
	};
	expect(await found('BOX')).toEqual([1, 'Red box']);
	expect(await found('0%')).toEqual([1, '100% tin']);
	expect(await found('%')).toEqual([1, '100% tin']);
	expect(await found('blue')).toEqual([0]);
	expect((await request.delete(`/api/cameras/${id}?version=2`)).status()).toBe(204);
});

test('a frame of an older form that waited on a phone is taken, and said in today’s', async ({ request }) => {
	const camera = fixedCamera({ bulb: true });
	const { loadId } = await loadCamera(request, { camera, film: colourNegative400 });
	const set = { f: 11, seconds: 4, compensation: null, iso: null, position: null };
	const frame = {
		id: '5f0e4b1c-0d5a-4a77-9f3e-2b1c9d8e7f60',
		loadId,
		number: 1,
		takenAt: '2026-05-02T22:30:00+01:00',
		light: { ev: 1 },
		settings: set,
		predicted: {
			...set,
			error: 0.1,
			verdict: 'just-enough',
			chances: { good: 0.8, usable: 0.9 },
			clamped: null,
			secondsRange: [4, 4],
			spoilers: ['shake'],
			focus: null,
			sharp: { from: 2, to: null }
		}
	};
	const sent = await request.post('/api/frames', { data: frame });
	expect(sent.status()).toBe(201);
	expect(await sent.json()).toMatchObject({
		settings: { handTimed: true },
		predicted: { handTimed: true, spoilers: [{ kind: 'shake', by: null }] }
	});
	// Its answer was lost: sent again, it is there already.
	expect((await request.post('/api/frames', { data: frame })).status()).toBe(200);
});
