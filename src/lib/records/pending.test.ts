import { describe, expect, it, vi } from 'vitest';

vi.mock('$app/environment', () => ({ browser: true }));

const { Pending, PREFIX } = await import('./pending');
const { Delivery } = await import('./delivery');
type Waiting = import('./pending').Waiting;
type Way = import('./delivery').Way;

/** A browser's storage that can be full, or refused. */
class Shelf {
	kept = new Map<string, string>();
	full = false;
	get length() {
		return this.kept.size;
	}
	key = (at: number) => [...this.kept.keys()][at] ?? null;
	getItem = (key: string) => this.kept.get(key) ?? null;
	setItem = (key: string, value: string) => {
		if (this.full) throw new DOMException('full', 'QuotaExceededError');
		this.kept.set(key, value);
	};
	removeItem = (key: string) => void this.kept.delete(key);
}

const place = (id: string, at = 1) =>
	({ kind: 'places', id, at, record: { name: id, latitude: 1, longitude: 2 } }) as Waiting;
const frame = (id: string, number: number) => ({ kind: 'frames', id, at: 1, record: { number } }) as Waiting;
const alone = <T>(work: () => Promise<T>) => work();
const saving: Way = {
	create: async (_, id, record) => ({ result: 'saved', record: { ...record, id, version: 1 } }),
	replace: async (_, record) => ({ result: 'saved', record: { ...record, version: record.version + 1 } }),
	keepInOrder: async (frames) => ({
		result: 'saved',
		record: frames.map((each) => ({ ...each, version: 1 }))
	}),
	alone
};

describe('what waits', () => {
	it('has a place of its own, so that two tabs lose nothing of each other', () => {
		const shelf = new Shelf();
		const [here, there] = [new Pending(shelf), new Pending(shelf)];
		here.put(place('a', 2));
		there.put(place('b', 1));
		expect(here.all().map(({ id }) => id)).toEqual(['b', 'a']);
		here.drop('b');
		expect(there.has('b')).toBe(false);
		expect(there.all()).toEqual(here.all());
	});

	it('is held by the page where the storage is full or refused, and that is said', () => {
		const shelf = new Shelf();
		for (const pending of [new Pending(Object.assign(shelf, { full: true })), new Pending(null)]) {
			pending.put(place('a'));
			expect(pending.all()).toHaveLength(1);
			expect(pending.outlivesThePage).toBe(false);
			pending.drop('a');
			expect(pending.outlivesThePage).toBe(true);
			expect(pending.all()).toEqual([]);
		}
	});

	it('is taken over from where all stood together before', () => {
		const shelf = new Shelf();
		shelf.setItem('just-enough-outbox', JSON.stringify([frame('x', 1), frame('y', 2)]));
		expect(new Pending(shelf).all().map(({ id }) => id)).toEqual(['x', 'y']);
		expect(shelf.getItem('just-enough-outbox')).toBeNull();
	});

	it('passes over what cannot be read, and what others keep there', () => {
		const shelf = new Shelf();
		shelf.setItem(`${PREFIX}broken`, '{');
		shelf.setItem('somebody-else', '{}');
		expect(new Pending(shelf).all()).toEqual([]);
	});
});

describe('sending what waits', () => {
	const begun = (way: Partial<Way>, ...items: Waiting[]) => {
		const pending = new Pending(new Shelf());
		for (const item of items) pending.put(item);
		return { pending, delivery: new Delivery(pending, { ...saving, ...way }) };
	};

	it('takes out what was saved', async () => {
		const { pending, delivery } = begun({}, place('a'), place('b'));
		expect(await delivery.sendAll(false)).toHaveLength(2);
		expect(pending.all()).toEqual([]);
	});

	it('stops where nothing answers, and goes on past what the server has trouble with', async () => {
		const tried: string[] = [];
		const unreachable =
			(answered: boolean): Way['create'] =>
			async (_, id) => {
				tried.push(id);
				return { result: 'unreachable', answered };
			};
		const away = begun({ create: unreachable(false) }, place('a', 1), place('b', 2));
		await away.delivery.sendAll(false);
		expect(tried).toEqual(['a']);
		tried.length = 0;
		const trouble = begun({ create: unreachable(true) }, place('a', 1), place('b', 2));
		await trouble.delivery.sendAll(false);
		expect(tried).toEqual(['a', 'b']);
		expect(trouble.pending.all()).toHaveLength(2);
	});

	const isTaken: Way['create'] = async () => ({
		result: 'invalid',
		issues: [{ path: 'number', message: 'is taken' }]
	});

	it('sends all that wait of a load together where the number of one is taken', async () => {
		const asked: string[][] = [];
		const keepInOrder: Way['keepInOrder'] = async (frames) => {
			asked.push(frames.map(({ id }) => id));
			const kept = frames.map((each, at) => ({ ...each, number: 7 - at, version: 1 }));
			return { result: 'saved', record: kept };
		};
		const { delivery, pending } = begun({ create: isTaken, keepInOrder }, frame('a', 1), frame('b', 2));
		const sent = await delivery.sendAll(false);
		expect(sent.map(({ id, record }) => [id, (record as { number: number }).number])).toEqual([
			['a', 7],
			['b', 6]
		]);
		expect(asked).toEqual([['a', 'b']]);
		expect(pending.all()).toEqual([]);
	});

	it('does not let one that is refused hold up the others of its load', async () => {
		const keepInOrder: Way['keepInOrder'] = async (frames) =>
			frames.some(({ id }) => id === 'bad')
				? { result: 'refused', status: 422, message: 'no such light' }
				: { result: 'saved', record: frames.map((each) => ({ ...each, number: 9, version: 1 })) };
		const { delivery, pending } = begun({ create: isTaken, keepInOrder }, frame('a', 1), frame('bad', 2));
		expect(await delivery.sendAll(false)).toMatchObject([{ id: 'a', record: { number: 9 } }]);
		expect(pending.all()).toMatchObject([{ id: 'bad', problem: 'no such light' }]);
	});

	it('goes on keeping frames of one load where nothing answers', async () => {
		const { delivery, pending } = begun(
			{ create: isTaken, keepInOrder: async () => ({ result: 'unreachable', answered: false }) },
			frame('a', 1),
			frame('b', 2)
		);
		expect(await delivery.sendAll(false)).toEqual([]);
		expect(pending.all().map(({ id, problem }) => [id, problem])).toEqual([
			['a', undefined],
			['b', undefined]
		]);
	});

	/** It arrived before, its answer lost, and somebody changed its name. */
	const changedThere = (changes: object): Way['create'] =>
		(async (_: unknown, id: string) => ({
			result: 'stale',
			current: { name: id, latitude: 1, longitude: 2, ...changes, id, version: 2 }
		})) as unknown as Way['create'];

	it('is there already where it arrived and was changed there since, with its answer lost', async () => {
		const { delivery, pending } = begun({ create: changedThere({ name: 'Theirs' }) }, place('a'));
		expect(await delivery.sendAll(false)).toMatchObject([{ id: 'a', record: { name: 'Theirs' } }]);
		expect(pending.all()).toEqual([]);
	});

	it('is put together with what was changed here meanwhile, and asks nobody where it can be', async () => {
		const before = place('a').record;
		const changed = { ...place('a'), before, record: { ...before, longitude: 9 } } as Waiting;
		const written: object[] = [];
		const replace: Way['replace'] = (kind, record) => {
			written.push(record);
			return saving.replace(kind, record);
		};
		const { delivery, pending } = begun({ create: changedThere({ name: 'Theirs' }), replace }, changed);
		await delivery.sendAll(false);
		expect(written).toEqual([{ name: 'Theirs', latitude: 1, longitude: 9, id: 'a', version: 2 }]);
		expect(pending.all()).toEqual([]);
		const both = begun({ create: changedThere({ longitude: 5 }) }, changed);
		await both.delivery.sendAll(false);
		expect(both.pending.all()).toMatchObject([{ id: 'a', problem: 'it was changed elsewhere, too' }]);
	});

	it('keeps what was refused with the reason, and sends it again only where a person asks', async () => {
		let tries = 0;
		const create: Way['create'] = async () => {
			tries += 1;
			return { status: 409, result: 'refused', message: 'no such load' };
		};
		const { delivery, pending } = begun({ create }, place('a'));
		expect(await delivery.send(place('a'))).toEqual({
			result: 'refused',
			problem: 'no such load'
		});
		expect(pending.all()).toMatchObject([{ id: 'a', problem: 'no such load' }]);
		await delivery.sendAll(false);
		expect(tries).toBe(1);
		await delivery.sendAll(true);
		expect(tries).toBe(2);
	});

	it('does not send what another tab sent and deleted while this one slept', async () => {
		let tries = 0;
		const create: Way['create'] = (...given) => {
			tries += 1;
			return saving.create(...given);
		};
		const { delivery, pending } = begun({ create }, place('a'));
		pending.drop('a');
		expect(await delivery.send(place('a'))).toEqual({ result: 'kept' });
		expect(tries).toBe(0);
	});
});
