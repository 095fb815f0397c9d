import { afterEach, describe, expect, it } from 'vitest';
import {
	answersLost,
	ask,
	create,
	device,
	edit,
	home,
	newId,
	noDevices,
	noServer,
	placeOn,
	remove,
	served,
	shared,
	slip,
	way
} from '../../tests/fixtures/apart';
import { onTheDemo } from '../../tests/fixtures/store-of-demo';
import { store } from '../server/store';
import { pull } from './pull';
import { decide, letGo, push, type Way } from './push';
import { noticesOf, waitingWrites } from './writes';

/** Devices that change records without each other, then come together: against the server's own tables. */

onTheDemo();
afterEach(noDevices);

describe('what was changed without the server', () => {
	it('is among the records at once, and arrives: made, changed and deleted', async () => {
		const [one, id, gone] = [await device(), newId(), newId()];
		store().places.create(gone, slip);
		await pull(one, served);
		await create(one, id);
		await edit(one, id, { name: 'Long Slip' });
		await remove(one, gone);
		expect((await placeOn(one, id))?.name).toBe('Long Slip');
		expect(await placeOn(one, gone)).toBeUndefined();
		await home(one, noServer);
		expect(await waitingWrites(one)).toHaveLength(2);
		expect(store().places.get(id)).toBeUndefined();
		await home(one);
		expect(store().places.get(id)).toEqual({ id, version: 1, ...slip, name: 'Long Slip' });
		expect(store().places.get(gone)).toBeUndefined();
		expect(await waitingWrites(one)).toEqual([]);
		expect((await placeOn(one, id))?.version).toBe(1);
	});

	it('arrives once, though no answer came back', async () => {
		const { id, all } = await shared(1);
		const [one] = all;
		const made = newId();
		await create(one, made);
		await edit(one, id, { name: 'Here' });
		for (const { n } of await waitingWrites(one)) {
			expect(n).toBeGreaterThan(0);
			await push(one, answersLost);
		}
		await home(one);
		await home(one);
		expect(store().places.get(made)).toMatchObject({ version: 1 });
		expect(store().places.get(id)).toMatchObject({ version: 2, name: 'Here' });
		expect(await waitingWrites(one)).toEqual([]);
	});

	it('is put together field by field, where others changed other fields', async () => {
		const { id, all } = await shared();
		const [one, two] = all;
		await edit(one, id, { name: 'One' });
		await edit(two, id, { latitude: 60 });
		await home(one);
		await home(two);
		await home(one);
		for (const replica of all)
			expect(await placeOn(replica, id)).toEqual({ id, version: 3, name: 'One', latitude: 60, longitude: 1 });
	});

	it.each(['mine', 'theirs'] as const)(
		'asks where both changed the same field, and takes %s',
		async (whose) => {
			const { id, all } = await shared();
			const [one, two] = all;
			await edit(one, id, { name: 'One', longitude: 9 });
			await edit(two, id, { name: 'Two', latitude: 60 });
			await home(one);
			await home(two);
			const [write] = await waitingWrites(two);
			expect(write.conflict).toMatchObject({ both: ['name'], theirs: { name: 'One' } });
			// Until that is decided, it is as it was changed here, and nothing is sent.
			expect((await placeOn(two, id))?.name).toBe('Two');
			expect(store().places.get(id)?.name).toBe('One');
			await decide(two, write.n, whose);
			await home(two);
			await home(one);
			const right = whose === 'mine' ? { name: 'Two', latitude: 60 } : { name: 'One', latitude: 50 };
			for (const replica of all) expect(await placeOn(replica, id)).toMatchObject({ ...right, longitude: 9 });
			expect(await waitingWrites(two)).toEqual([]);
		}
	);

	it('says nothing where both changed it to the same', async () => {
		const { id, all } = await shared();
		for (const replica of all) await edit(replica, id, { name: 'Both' });
		for (const replica of all) await home(replica);
		expect(store().places.get(id)).toMatchObject({ name: 'Both' });
		expect((await Promise.all(all.map(waitingWrites))).flat()).toEqual([]);
	});

	it('comes back with a word where it was deleted elsewhere, and stays with a word where it was changed there', async () => {
		const { id, all } = await shared();
		const [one, two] = all;
		await remove(one, id);
		await edit(two, id, { name: 'Wanted' });
		await home(one);
		await home(two);
		expect(await noticesOf(two)).toMatchObject([{ id, name: 'Wanted', what: 'came back' }]);
		await home(one);
		expect((await placeOn(one, id))?.name).toBe('Wanted');
		// The other way round.
		await remove(one, id);
		await edit(two, id, { name: 'Changed' });
		await home(two);
		await home(one);
		expect(await noticesOf(one)).toMatchObject([{ id, name: 'Wanted', what: 'stayed' }]);
		expect((await placeOn(one, id))?.name).toBe('Changed');
		expect(store().places.get(id)?.name).toBe('Changed');
	});

	it('is deleted once where both delete it, and what was deleted and brought back was never away', async () => {
		const { id, all } = await shared();
		for (const replica of all) await remove(replica, id);
		for (const replica of all) await home(replica);
		expect(store().places.get(id)).toBeUndefined();
		expect((await Promise.all(all.map(noticesOf))).flat()).toEqual([]);
		const other = newId();
		store().places.create(other, slip);
		await pull(all[0], served);
		await remove(all[0], other);
		await ask(all[0], other, { act: 'create', record: { ...slip, id: other, version: 0 } });
		expect(await waitingWrites(all[0])).toEqual([]);
		await home(all[0]);
		expect(store().places.get(other)).toMatchObject({ version: 1, name: 'Slip' });
	});

	it('is refused here where the server would: what is used stays, a camera holds one load, a number is one frame', async () => {
		const one = await device();
		const [load] = await one.loads.where('open').equals(1).toArray();
		const camera = (await one.cameras.get(load.camera))!.record;
		expect(await ask(one, camera.id, { act: 'remove' }, 'cameras')).toMatchObject({ result: 'refused' });
		expect(await ask(one, load.film, { act: 'remove' }, 'films')).toMatchObject({ result: 'refused' });
		const second = { ...load.record, id: newId(), version: 0 };
		expect(await ask(one, second.id, { act: 'create', record: second }, 'loads')).toMatchObject({
			result: 'invalid',
			path: 'cameraId'
		});
		const frame = (await one.frames.orderBy('[at+id]').last())!.record;
		const twice = { ...frame, id: newId(), version: 0 };
		expect(await ask(one, twice.id, { act: 'create', record: twice }, 'frames')).toMatchObject({
			result: 'invalid',
			path: 'number'
		});
		expect(await waitingWrites(one)).toEqual([]);
		// What was read before it was changed here is not written over that.
		await edit(one, (await one.places.toCollection().first())!.id, { name: 'New' });
		const stale = { ...camera, version: camera.version + 7 };
		expect(await ask(one, camera.id, { act: 'replace', record: stale }, 'cameras')).toMatchObject({
			result: 'stale',
			current: camera
		});
		expect(await ask(one, newId(), { act: 'remove' })).toEqual({ result: 'missing' });
	});

	it('that the server would not have waits with its word, holds up nothing behind it, and can be let go', async () => {
		const [one, first, second] = [await device(), newId(), newId()];
		await create(one, first, { ...slip, name: 'No' });
		await create(one, second);
		const refusing: Way = {
			...way,
			create: (kind, id, record) =>
				'name' in record && record.name === 'No'
					? Promise.resolve({ result: 'invalid', issues: [{ path: 'name', message: 'is not understood' }] })
					: way.create(kind, id, record)
		};
		await home(one, refusing);
		expect(store().places.get(second)).toBeDefined();
		const [write] = await waitingWrites(one);
		expect(write.problem).toBe('name: is not understood');
		await home(one);
		expect(store().places.get(first)).toBeUndefined();
		await letGo(one, write.n);
		expect(await placeOn(one, first)).toBeUndefined();
		expect(await waitingWrites(one)).toEqual([]);
	});

	it('that is changed again while it is sent goes on from what arrived', async () => {
		const [one, id] = [await device(), newId()];
		await create(one, id);
		const meanwhile: Way = {
			...way,
			async create(...given) {
				const said = await way.create(...given);
				await edit(one, id, { name: 'Later' });
				return said;
			}
		};
		await push(one, meanwhile);
		expect(store().places.get(id)?.name).toBe('Slip');
		expect((await placeOn(one, id))?.name).toBe('Later');
		await home(one);
		expect(store().places.get(id)).toMatchObject({ name: 'Later', version: 2 });
	});

	it('waits on where a backup was restored meanwhile, and stands among the records again', async () => {
		const [one, id] = [await device(), newId()];
		await create(one, id);
		store().changes.beginAnew();
		await pull(one, served);
		expect((await placeOn(one, id))?.name).toBe('Slip');
		await home(one);
		expect(store().places.get(id)).toBeDefined();
	});
});
