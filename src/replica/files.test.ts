import 'fake-indexeddb/auto';
import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import { openReplica, type Replica } from './database';
import { dropFile, keepFile, sendFiles, waitingFiles, type FileSaid } from './files';
import { forget } from './keep';

let replica: Replica;
beforeEach(() => (replica = openReplica(crypto.randomUUID())));
afterEach(() => replica.delete());

const scan = (id: string) => ({
	...{ id, owner: 'frame' as const, ownerId: 'f', name: `${id}.png`, at: 1 },
	file: new Blob([`pixels of ${id}`], { type: 'image/png' })
});
const ids = async () => (await waitingFiles(replica)).map(({ id }) => id);

describe('pictures that wait', () => {
	it('are sent in their order with their bytes, and leave when the server has them', async () => {
		for (const id of ['b', 'a', 'c']) await keepFile(replica, scan(id));
		const came: string[] = [];
		const sent = await sendFiles(replica, async ({ file, name }) => {
			came.push(`${name}: ${await file.text()}`);
			return { result: 'kept' };
		});
		expect(sent).toEqual({ kept: 3, answered: true });
		expect(came).toEqual(['b.png: pixels of b', 'a.png: pixels of a', 'c.png: pixels of c']);
		expect(await ids()).toEqual([]);
	});

	it('stay where nothing answers; trouble with one does not hold up the others', async () => {
		for (const id of ['a', 'b', 'c', 'd']) await keepFile(replica, scan(id));
		const says: Record<string, FileSaid> = {
			a: { result: 'refused', problem: 'no picture' },
			b: { result: 'unreachable', answered: true },
			c: { result: 'kept' },
			d: { result: 'unreachable', answered: false }
		};
		expect(await sendFiles(replica, ({ id }) => Promise.resolve(says[id]))).toEqual({
			kept: 1,
			answered: false
		});
		expect((await waitingFiles(replica)).map(({ id, problem }) => [id, problem])).toEqual([
			['a', 'no picture'],
			['b', undefined],
			['d', undefined]
		]);
		// What the server would not have is sent again only where somebody asks for it.
		const asked: string[] = [];
		const keep = ({ id }: { id: string }): Promise<FileSaid> => {
			asked.push(id);
			return Promise.resolve({ result: 'kept' });
		};
		await sendFiles(replica, keep);
		expect(asked).toEqual(['b', 'd']);
		await sendFiles(replica, keep, true);
		expect(asked).toEqual(['b', 'd', 'a']);
	});

	it('come after what they are of', async () => {
		await keepFile(replica, scan('a'));
		await keepFile(replica, { ...scan('b'), ownerId: 'new' });
		const kept = () => Promise.resolve({ result: 'kept' } as const);
		await sendFiles(replica, kept, false, (owner) => owner === 'new');
		expect(await ids()).toEqual(['b']);
		await sendFiles(replica, kept);
		expect(await ids()).toEqual([]);
	});

	it('outlive the records that a restored backup replaces, and can be let go of', async () => {
		await keepFile(replica, scan('a'));
		await keepFile(replica, scan('b'));
		await forget(replica);
		await dropFile(replica, 'a');
		expect(await ids()).toEqual(['b']);
		await expect(keepFile(replica, scan('b'))).rejects.toThrow();
	});
});
